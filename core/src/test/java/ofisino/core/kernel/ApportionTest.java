package ofisino.core.kernel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.Seeds;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ApportionTest {
    /** Hamilton's largest remainder, by hand; 5 over 3:7 is the example of the Money pattern in Fowler, PoEAA (2002), from memory. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1000  | 1 1 1               | 334 333 333",
                "10000 | 12000 7550 399      | 6015 3785 200",
                "5     | 3 7                 | 2 3",
                "4799  | 8999 4550 1299 250  | 2860 1446 413 80",
                "7     | 1 1 1 1             | 2 2 2 1",
                "1     | 1 1 1               | 1 0 0",
                "10    | 6 6 2               | 4 4 2",
                "11    | 6 6 2               | 5 5 1", // the Alabama paradox: more to share, less for the third
                "-1000 | 1 1 1               | -334 -333 -333",
            })
    void splitsByLargestRemainder(long total, String weights, String parts) {
        assertThat(Apportion.byLargestRemainder(total, numbers(weights))).containsExactly(numbers(parts));
    }

    @Property(seed = Seeds.OF_THE_DAY)
    void losesNoCent(
            @ForAll @LongRange(min = -1_000_000_000, max = 1_000_000_000) long total,
            @ForAll @Size(min = 1, max = 30) List<@IntRange(min = 1, max = 1_000_000) Integer> weights) {
        long[] parts = Apportion.byLargestRemainder(
                total, weights.stream().mapToLong(Integer::longValue).toArray());
        assertThat(Arrays.stream(parts).sum()).isEqualTo(total);
        double sum = weights.stream().mapToLong(Integer::longValue).sum();
        for (int i = 0; i < parts.length; i++)
            assertThat(Math.abs(parts[i] - total * (weights.get(i) / sum))).isLessThan(1.0001);
    }

    @ParameterizedTest
    @CsvSource({"0 0", "-1 2"})
    void refusesWeightsThatMeanNothing(String weights) {
        assertThatThrownBy(() -> Apportion.byLargestRemainder(10, numbers(weights)))
                .isInstanceOf(InvalidValue.class);
    }

    private static long[] numbers(String text) {
        return Arrays.stream(text.trim().split("\\s+"))
                .mapToLong(Long::parseLong)
                .toArray();
    }
}
