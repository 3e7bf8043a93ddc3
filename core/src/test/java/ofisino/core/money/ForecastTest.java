package ofisino.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import ofisino.core.Seeds;
import ofisino.core.kernel.CostRange;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.budget.Position;
import ofisino.core.money.forecast.Forecast;
import ofisino.core.money.forecast.ForecastPart;
import ofisino.core.money.forecast.ForecastPart.ForecastKind;
import ofisino.core.money.forecast.Forgotten;
import ofisino.core.money.forecast.RunningCost;
import ofisino.core.money.forecast.RunningCost.Road;
import ofisino.core.money.forecast.Span;
import ofisino.core.money.forecast.StillToDo;
import ofisino.core.plan.risk.Chance;
import ofisino.core.plan.risk.ThreePoint;
import ofisino.core.plan.risk.TotalDraws;
import org.junit.jupiter.api.Test;

/** By hand: 300.00 is sure: 100 spent, 80 ordered, 120 to be bought at a price. */
class ForecastTest {
    private static final Position SURE = new Position(0, 10_000, 8_000, 12_000, 0);
    private static final Optional<CostRange> SILL = Optional.of(new CostRange(4_000, 10_000, 20_000));
    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);

    @Test
    void whatHasAPriceOnEverythingIsSure() {
        Forecast all = StillToDo.forecast(SURE, List.of(StillToDo.withJobs("sill", SILL, 3, 0)), 0);
        assertThat(sums(all)).containsExactly(30_000L, 30_000L, 30_000L);
        assertThat(all.isGuess()).isFalse();
        assertThat(all.likelyMinor(ForecastKind.ORDERED)).isEqualTo(8_000);
    }

    /** Of four things to buy one has no price: a quarter of the estimate stands for it. */
    @Test
    void aMissingPriceIsItsShareOfTheEstimate() {
        Forecast all = StillToDo.forecast(SURE, List.of(StillToDo.withJobs("sill", SILL, 4, 1)), 1);
        assertThat(sums(all)).containsExactly(31_000L, 32_500L, 35_000L);
        assertThat(all.likelyMinor(ForecastKind.UNPRICED)).isEqualTo(2_500);
        assertThat(all.isGuess()).isTrue();
    }

    @Test
    void aFindingWithoutJobsCountsWhole() {
        Forecast all = StillToDo.forecast(SURE, List.of(StillToDo.withoutJobs("sill", SILL)), 0);
        assertThat(sums(all)).containsExactly(34_000L, 40_000L, 50_000L);
        assertThat(all.likelyMinor(ForecastKind.UNDECIDED)).isEqualTo(10_000);
        assertThat(all.expectedMinor()).as("(4 + 40 + 20) ÷ 6 for the sill").isEqualTo(40_667);
    }

    /** What nobody can guess is counted as missing, never as nothing. */
    @Test
    void aFindingWithoutAnEstimateIsSaid() {
        Forecast all = StillToDo.forecast(
                SURE,
                List.of(
                        StillToDo.withJobs("a", Optional.empty(), 2, 2),
                        StillToDo.withJobs("b", Optional.empty(), 2, 0),
                        StillToDo.withoutJobs("c", Optional.empty())),
                2);
        assertThat(all.unestimated()).isEqualTo(2);
        assertThat(all.isGuess()).isTrue();
        assertThat(sums(all)).containsExactly(30_000L, 30_000L, 30_000L);
    }

    /** Of 120 at a price and 100 guessed: tools 0 to 10 %, likely 4; of consumables somebody set 15.00 aside. */
    @Test
    void whatIsForgottenIsAShareOfWhatIsStillToCome() {
        var forgotten =
                new Forgotten(Map.of("tools", new ThreePoint(0, 0.04, 0.1), "consumables", new ThreePoint(0, 1, 1)));
        Forecast all = StillToDo.forecast(SURE, List.of(StillToDo.withoutJobs("sill", SILL)), 0)
                .with(forgotten, Map.of("consumables", 1_500L));
        assertThat(all.parts())
                .contains(
                        new ForecastPart(ForecastKind.FORGOTTEN, "tools", new Span(0, 880, 2_200)),
                        new ForecastPart(ForecastKind.FORGOTTEN, "consumables", new Span(1_500, 1_500, 1_500)));
        assertThat(all.likelyMinor()).isEqualTo(40_000 + 880 + 1_500);
        assertThatThrownBy(() -> forgotten.checked("luck")).isInstanceOf(InvalidValue.class);
        assertThat(Forgotten.load().prompts()).contains("consumables", "trips", "delivery", "tools", "tests_and_fees");
    }

    /** 40.00 a month: from 1 March to 1 June 92 days, 92 ÷ 30.4375 × 40; to 1 September 184 days. */
    @Test
    void storageRunsUntilTheRoad() {
        var storage = new RunningCost("Storage", 4_000, DAY.minusMonths(5), Optional.empty());
        var road = new Road(DAY.plusMonths(3), DAY.plusMonths(6), DAY.plusMonths(6));
        assertThat(storage.toCome(DAY, Optional.of(road)).orElseThrow().cost())
                .isEqualTo(new Span(12_090, 24_181, 24_181));
        assertThat(storage.toCome(DAY, Optional.empty())).isEmpty();
        var hire = new RunningCost("Hire", 3_044, DAY.plusDays(10), Optional.of(DAY.plusDays(40)));
        assertThat(hire.toCome(DAY, Optional.empty()).orElseThrow().cost().likelyMinor())
                .isEqualTo(3_000);
        assertThatThrownBy(() -> new RunningCost("X", 0, DAY, Optional.empty())).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new RunningCost("X", 1, DAY, Optional.of(DAY.minusDays(1))))
                .isInstanceOf(InvalidValue.class);
    }

    /** Drawn, what is sure is in every run, and what may be hidden is drawn place by place in the stead of its line. */
    @Test
    void theDrawsBeginWithWhatIsSure() {
        Forecast all = StillToDo.forecast(SURE, List.of(), 0)
                .and(List.of(new ForecastPart(ForecastKind.UNSEEN, "", new Span(0, 5_000, 90_000))));
        TotalDraws draws = TotalDraws.of(all.chances(Map.of("floor", new Chance(0.25, ThreePoint.certain(20_000)))), 1);
        assertThat(draws.inTen(5)).isEqualTo(30_000);
        assertThat(draws.inTen(9)).isEqualTo(50_000);
    }

    /** Whatever is asked: the whole is the sum of its parts, and a price that takes a guess's place makes the range no wider. */
    @Property(tries = 200, seed = Seeds.OF_THE_DAY)
    void theWholeIsTheSumOfItsParts(
            @ForAll @IntRange(min = 1, max = 9) int needs,
            @ForAll @IntRange(max = 9) int unpriced,
            @ForAll @LongRange(min = 0, max = 10_000_000) long spent) {
        Forecast before = of(spent, needs, Math.min(needs, unpriced));
        Forecast after = of(spent, needs, Math.max(0, Math.min(needs, unpriced) - 1));
        for (Forecast f : List.of(before, after)) {
            assertThat(f.likelyMinor())
                    .isEqualTo(f.parts().stream()
                            .mapToLong(p -> p.cost().likelyMinor())
                            .sum());
            assertThat(f.lowMinor()).isLessThanOrEqualTo(f.likelyMinor());
            assertThat(f.likelyMinor()).isLessThanOrEqualTo(f.highMinor());
        }
        assertThat(after.highMinor() - after.lowMinor()).isLessThanOrEqualTo(before.highMinor() - before.lowMinor());
    }

    private static Forecast of(long spent, int needs, int unpriced) {
        return StillToDo.forecast(
                        new Position(0, spent, 0, 700, 0),
                        List.of(StillToDo.withJobs("sill", SILL, needs, unpriced)),
                        unpriced)
                .with(Forgotten.load(), Map.of());
    }

    private static List<Long> sums(Forecast f) {
        return List.of(f.lowMinor(), f.likelyMinor(), f.highMinor());
    }
}
