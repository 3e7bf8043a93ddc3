package ofisino.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import ofisino.core.money.budget.WithAndWithout;
import org.junit.jupiter.api.Test;

class WithAndWithoutTest {
    /** Scenario 1: 3,150.00 + 1,284.35 in cash, two things from stock worth 38.00: would cost others 4,472.35. */
    @Test
    void whatCameFromStockIsNoCashAndNotFree() {
        var car = new WithAndWithout(443_435, 0, 3_800, 62 * 60, 1_000);
        assertThat(car.cashMinor()).isEqualTo(443_435);
        assertThat(car.wouldCostOthersMinor()).isEqualTo(447_235);
        assertThat(car.labourMinor()).isEqualTo(62_000);
        assertThat(car.withLabourMinor()).isEqualTo(509_235);
    }

    @Test
    void toolsStayWhenTheCarGoes() {
        assertThat(new WithAndWithout(10_000, 2_500, 0, 0, 0).withoutToolsMinor())
                .isEqualTo(7_500);
    }

    /** By hand: 90 minutes at 33.33 are 49.995, so 50.00. */
    @Test
    void halfACentIsRoundedUp() {
        assertThat(new WithAndWithout(0, 0, 0, 90, 3_333).labourMinor()).isEqualTo(5_000);
    }

    @Property
    void eachSumIsTheOneBeforeAndOneMore(
            @ForAll @LongRange(min = 0, max = 1_000_000_000L) long cash,
            @ForAll @LongRange(min = 0, max = 1_000_000_000L) long stock,
            @ForAll @LongRange(min = 0, max = 1_000_000L) long minutes,
            @ForAll @LongRange(min = 0, max = 100_000L) long hour) {
        var car = new WithAndWithout(cash, 0, stock, minutes, hour);
        assertThat(car.wouldCostOthersMinor() - car.cashMinor()).isEqualTo(stock);
        assertThat(car.withLabourMinor() - car.wouldCostOthersMinor()).isEqualTo(car.labourMinor());
        assertThat(Math.abs(car.labourMinor() - minutes * (double) hour / 60)).isLessThanOrEqualTo(0.5);
    }
}
