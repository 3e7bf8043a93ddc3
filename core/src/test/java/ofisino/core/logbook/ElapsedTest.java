package ofisino.core.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.logbook.worksession.Elapsed;
import org.junit.jupiter.api.Test;

/** By hand. */
class ElapsedTest {
    private static final Instant SEVEN = Instant.parse("2026-03-02T19:00:00Z");

    @Test
    void theTimeIsSharedInQuarters() {
        assertThat(shared(130, "strip", "clean")).containsExactly(Map.entry("strip", 75), Map.entry("clean", 60));
        assertThat(shared(52, "strip")).containsExactly(Map.entry("strip", 45));
        assertThat(shared(2, "strip", "clean")).containsExactly(Map.entry("strip", 15));
        assertThat(shared(60)).isEmpty();
    }

    @Test
    void whoForgotToEndItWorkedEightHoursAtMost() {
        assertThat(shared(60 * 30, "strip")).containsExactly(Map.entry("strip", 480));
    }

    /** Out at 19:33, its two bolts at 19:41 and 19:42, at the clean until 20:05. */
    @Test
    void whatIsTickedHasTheTimeSinceTheTickBefore() {
        assertThat(ticked(65, Map.of("strip", 33, "bolt", 41, "nut", 42)))
                .containsExactly(
                        Map.entry("strip", 35), Map.entry("bolt", 3), Map.entry("nut", 2), Map.entry("clean", 25));
        assertThat(ticked(65, Map.of()))
                .as("nothing ticked")
                .isEqualTo(shared(65, "strip", "bolt", "nut", "clean", "prime"));
        assertThat(ticked(30, Map.of("clean", 30)))
                .as("ticked in another order, just now")
                .containsExactly(Map.entry("clean", 30));
        assertThat(ticked(2, Map.of("strip", 0, "bolt", 0)))
                .as("at once")
                .containsValues(3, 2)
                .hasSize(2);
    }

    /** In whatever order it is ticked: nothing is lost, nothing is counted twice, to a step. */
    @Property
    void theTimeOfAllIsTheTimeOfTheEvening(
            @ForAll("ticks") Map<String, Integer> ticks, @ForAll @IntRange(max = 90) int after) {
        int end = ticks.values().stream().mapToInt(i -> i).max().orElse(0) + after;
        int sum = ticked(end, ticks).values().stream().mapToInt(i -> i).sum();
        boolean allTicked = ticks.size() == 5;
        assertThat(sum).isCloseTo(allTicked ? end - after : end, within(allTicked || !ticks.isEmpty() ? 5 : 15));
    }

    @Provide
    Arbitrary<Map<String, Integer>> ticks() {
        return Arbitraries.maps(
                Arbitraries.of("strip", "bolt", "nut", "clean", "prime"),
                Arbitraries.integers().between(5, 300));
    }

    private static Map<String, Integer> ticked(int minutes, Map<String, Integer> ticks) {
        Map<String, Instant> at = new HashMap<>();
        ticks.forEach((job, minute) -> at.put(job, SEVEN.plusSeconds(60L * minute)));
        return Elapsed.ticked(
                SEVEN, SEVEN.plusSeconds(60L * minutes), List.of("strip", "bolt", "nut", "clean", "prime"), at);
    }

    private static Map<String, Integer> shared(int minutes, String... jobs) {
        return Elapsed.shared(SEVEN, SEVEN.plusSeconds(60L * minutes), List.of(jobs));
    }
}
