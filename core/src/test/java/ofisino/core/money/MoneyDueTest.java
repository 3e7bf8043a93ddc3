package ofisino.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import ofisino.core.money.budget.Deposit;
import ofisino.core.money.budget.MoneyDue;
import ofisino.core.money.budget.MoneyDue.MoneyDueKind;
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
        assertThat(MoneyDue.refund("Norr Trim", 120_00, DAY, DAY.plusDays(14))).isEmpty();
        assertThat(MoneyDue.refund("Norr Trim", 120_00, DAY, DAY.plusDays(15)))
                .contains(new MoneyDue(MoneyDueKind.REFUND, "Norr Trim", 120_00, DAY.plusDays(14)));
        assertThat(MoneyDue.refund("Norr Trim", 0, DAY, DAY.plusDays(99))).isEmpty();
    }
}
