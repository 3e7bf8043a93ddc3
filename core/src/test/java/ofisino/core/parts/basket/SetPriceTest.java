package ofisino.core.parts.basket;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Sums by hand. */
class SetPriceTest {
    /** Discs and pads for 78.00, expected at 60.00 and 30.00: two thirds are the discs'. */
    @Test
    void eachPartBearsItsShare() {
        assertThat(SetPrice.on(7800, 6000, 3000)).containsExactly(5200, 2600);
    }

    @Test
    void whereNobodyKnowsOneOfThemAllBearAlike() {
        assertThat(SetPrice.on(7801, 6000, 0, 0)).containsExactly(2601, 2600, 2600);
    }

    @Property
    void nothingIsLost(
            @ForAll @LongRange(min = 0, max = 1_000_000) long price,
            @ForAll @Size(min = 1, max = 9) long @LongRange(min = 0, max = 100_000) [] estimates) {
        long[] shares = SetPrice.on(price, estimates);
        assertThat(Arrays.stream(shares).sum()).isEqualTo(price);
        assertThat(Arrays.stream(shares).min().orElseThrow()).isNotNegative();
        assertThat(shares).hasSameSizeAs(estimates);
    }
}
