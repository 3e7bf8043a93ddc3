package ofisino.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import ofisino.core.money.budget.Deposit;
import ofisino.core.money.budget.MoneyDue;
import ofisino.core.money.budget.MoneyDue.MoneyDueKind;
import ofisino.core.money.budget.MoneyDue.WentBack;
import org.junit.jupiter.api.Test;

/** By hand. The fourteen days of a seller: Directive 2011/83/EU art. 13 (1), recalled; the notice for a deposit: common practice, no source. */
class MoneyDueTest {
    private static final LocalDate DAY = LocalDate.of(2027, 5, 20);

    @Test
    void aDepositIsSpokenOfTwoWeeksBefore() {
        var core = new Deposit("Exchange starter", 45_00, DAY);
        assertThat(MoneyDue.of(core, DAY.minusDays(15))).isEmpty();
        assertThat(MoneyDue.of(core, DAY.minusDays(14)))
                .contains(new MoneyDue(MoneyDueKind.DEPOSIT, "Exchange starter", 45_00, DAY));
    }

    @Test
    void aSellerHasFourteenDays() {
        var lamp = List.of(new WentBack(120_00, DAY));
        assertThat(MoneyDue.refund("Norr Trim", 120_00, lamp, DAY.plusDays(14))).isEmpty();
        assertThat(MoneyDue.refund("Norr Trim", 120_00, lamp, DAY.plusDays(15)))
                .contains(new MoneyDue(MoneyDueKind.REFUND, "Norr Trim", 120_00, DAY.plusDays(14)));
        assertThat(MoneyDue.refund("Norr Trim", 0, lamp, DAY.plusDays(99))).isEmpty();
    }

    /** 120.00 went back long ago, 80.00 yesterday, 50.00 lies here still; of all that 40.00 is paid back. */
    @Test
    void heOwesForWhatWentBackAndNotForWhatLiesHere() {
        var back = List.of(new WentBack(120_00, DAY), new WentBack(80_00, DAY.plusDays(19)));
        assertThat(MoneyDue.refund("Norr Trim", 250_00, back, DAY.plusDays(20)))
                .contains(new MoneyDue(MoneyDueKind.REFUND, "Norr Trim", 120_00, DAY.plusDays(14)));
        assertThat(MoneyDue.refund("Norr Trim", 80_00, back, DAY.plusDays(20)).map(MoneyDue::minor))
                .contains(80_00L);
        assertThat(MoneyDue.refund("Norr Trim", 50_00, List.of(), DAY.plusDays(20)))
                .isEmpty();
    }
}
