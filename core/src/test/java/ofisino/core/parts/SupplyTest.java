package ofisino.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.sourcing.Rework;
import ofisino.core.parts.sourcing.Supply;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.core.parts.sourcing.UsuallyWrong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a part costs when it is wrong. */
class SupplyTest {
    @Test
    void aCheapPartBehindTwelveHoursOfWorkCostsWhatItMayCost() {
        // one in four; twelve hours at 15.00, 5.00 to send it back, 65.00 for the right one: a quarter of 250.00
        assertThat(new Rework(12 * 60, 1500, 500, 6500).riskMinor(25)).isEqualTo(6250);
        // the same part on top of the engine: half an hour
        assertThat(new Rework(30, 1500, 500, 6500).riskMinor(25)).isEqualTo(1938);
        assertThat(new Rework(12 * 60, 1500, 500, 6500).riskMinor(0)).isZero();
    }

    @ParameterizedTest
    @CsvSource({"0,1,3,20,most", "1,-1,3,20,priceMinor", "1,1,731,20,leadDays", "1,1,3,101,wrongPercent"})
    void whatCannotBeIsSaidAtItsField(int most, long price, int lead, int wrong, String field) {
        assertThatThrownBy(() -> new Supply(SupplyKind.USED, "Water pump", price, 0, most, lead, wrong))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).contains(field));
    }

    @Test
    void eachKindHasAFirstGuess() {
        UsuallyWrong guess = UsuallyWrong.load();
        assertThat(guess.percent()).hasSize(SupplyKind.values().length);
        assertThat(guess.percent().get(SupplyKind.NEW_ORIGINAL))
                .isLessThan(guess.percent().get(SupplyKind.USED));
        assertThatThrownBy(() -> new UsuallyWrong(Map.of(SupplyKind.USED, 20))).isInstanceOf(InvalidValue.class);
    }
}
