package ofisino.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.Seeds;
import ofisino.core.kernel.CostRange;
import ofisino.core.money.budget.Outlook;
import ofisino.core.money.budget.Outlook.ToDo;
import org.junit.jupiter.api.Test;

/** By hand: 300.00 is sure. */
class OutlookTest {
    private static final long SURE = 30_000;
    private static final Optional<CostRange> SILL = Optional.of(new CostRange(4_000, 10_000, 20_000));

    @Test
    void whatHasAPriceOnEverythingIsSure() {
        assertThat(Outlook.of(SURE, List.of(ToDo.withWork(SILL, 3, 0)), 0))
                .isEqualTo(new Outlook(SURE, SURE, SURE, 0, 0))
                .returns(false, Outlook::isGuess);
    }

    /** Of four things to buy one has no price: a quarter of the estimate stands for it. */
    @Test
    void aMissingPriceIsItsShareOfTheEstimate() {
        assertThat(Outlook.of(SURE, List.of(ToDo.withWork(SILL, 4, 1)), 1))
                .isEqualTo(new Outlook(SURE + 1_000, SURE + 2_500, SURE + 5_000, 1, 0))
                .returns(true, Outlook::isGuess);
    }

    @Test
    void aFindingWithoutWorkCountsWhole() {
        assertThat(Outlook.of(SURE, List.of(ToDo.withoutWork(SILL)), 0))
                .isEqualTo(new Outlook(SURE + 4_000, SURE + 10_000, SURE + 20_000, 0, 0));
    }

    /** What nobody can guess is counted as missing, never as nothing. */
    @Test
    void aFindingWithoutAnEstimateIsSaid() {
        Outlook outlook = Outlook.of(
                SURE,
                List.of(
                        ToDo.withWork(Optional.empty(), 2, 2),
                        ToDo.withWork(Optional.empty(), 2, 0),
                        ToDo.withoutWork(Optional.empty())),
                2);
        assertThat(outlook).isEqualTo(new Outlook(SURE, SURE, SURE, 2, 2)).returns(true, Outlook::isGuess);
    }

    /** Whatever is asked: a price that takes a guess's place makes the range no wider. */
    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void eachPriceMakesTheRangeNarrower(
            @ForAll @IntRange(min = 1, max = 9) int needs, @ForAll @IntRange(max = 9) int unpriced) {
        long before = width(needs, Math.min(needs, unpriced));
        long after = width(needs, Math.max(0, Math.min(needs, unpriced) - 1));
        assertThat(after).isLessThanOrEqualTo(before);
    }

    private static long width(int needs, int unpriced) {
        Outlook o = Outlook.of(SURE, List.of(ToDo.withWork(SILL, needs, unpriced)), unpriced);
        assertThat(o.low()).isBetween(SURE, o.likely());
        assertThat(o.high()).isGreaterThanOrEqualTo(o.likely());
        return o.high() - o.low();
    }
}
