package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.plan.calendar.SetUp;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.premises.Demands;
import ofisino.core.plan.tonight.Asked;
import ofisino.core.plan.tonight.Asked.Possible;
import ofisino.core.plan.tonight.Asked.RankedBecause;
import ofisino.core.plan.tonight.Asked.Work;
import org.junit.jupiter.api.Test;

/** Common practice, no source: what is begun is finished first, then what presses, then what fits. */
class AskedTest {
    private static final SetUp NONE = new SetUp(0);
    private static final Demands DEMANDS = Demands.load();
    private static final Instant NOW = Instant.parse("2026-03-03T18:00:00Z");

    @Test
    void whatIsBegunComesFirstThenWhatPressesThenWhatFits() {
        var list = List.of(
                work("long", Operation.CLEAN, 300, 30),
                work("fits", Operation.ASSEMBLE, 60, 30),
                work("presses", Operation.REPLACE, 400, 3),
                new Work<>(
                        "begun",
                        false,
                        0,
                        90,
                        1,
                        Optional.empty(),
                        false,
                        false,
                        false,
                        false,
                        true,
                        true,
                        Optional.empty()));
        assertThat(new Asked(120, NONE, 1, false, false, Optional.empty()).rank(list, NOW))
                .extracting(Possible::id, Possible::minutes, Possible::why)
                .containsExactly(
                        tuple("begun", 90, RankedBecause.BEGUN),
                        tuple("presses", 120, RankedBecause.PRESSES),
                        tuple("fits", 60, RankedBecause.FITS),
                        tuple("long", 120, RankedBecause.POSSIBLE));
    }

    @Test
    void whatIsLoudNeedsHelpWaitsOrWouldNotBeFinishedIsLeftOut() {
        Work<String> weld = work("weld", Operation.WELD, 60, 30);
        Work<String> two = new Work<>(
                "two", false, 0, 60, 2, Optional.empty(), false, false, false, false, true, false, Optional.empty());
        Work<String> waits = new Work<>(
                "waits", false, 0, 60, 1, Optional.empty(), false, false, false, false, false, false, Optional.empty());
        Work<String> sitting = new Work<>(
                "sitting",
                false,
                0,
                121,
                1,
                Optional.empty(),
                false,
                true,
                false,
                false,
                true,
                false,
                Optional.empty());
        var all = List.of(weld, two, waits, sitting);
        assertThat(new Asked(120, NONE, 1, true, false, Optional.empty()).rank(all, NOW))
                .isEmpty();
        assertThat(new Asked(120, NONE, 1, false, false, Optional.empty()).rank(all, NOW))
                .extracting(Possible::id)
                .containsExactly("weld");
        assertThat(new Asked(121, NONE, 2, true, false, Optional.empty()).rank(all, NOW))
                .extracting(Possible::id)
                .containsExactlyInAnyOrder("two", "sitting");
    }

    /** The last hour of the evening is the fire watch: an evening of an hour has no hot work in it. */
    @Test
    void hotWorkLeavesAnHourForTheWatch() {
        Work<String> weld = work("weld", Operation.WELD, 300, 30);
        assertThat(new Asked(150, NONE, 1, false, false, Optional.empty()).rank(List.of(weld), NOW))
                .extracting(Possible::minutes)
                .containsExactly(90);
        assertThat(new Asked(60, NONE, 1, false, false, Optional.empty()).rank(List.of(weld), NOW))
                .isEmpty();
    }

    /**
     * Of two hours twenty minutes are to set up and to clear away. Of hot work ten minutes come before it, and the watch of an hour after it, in
     * which one clears away.
     */
    @Test
    void aSessionIsSetUpAndClearedAway() {
        var all = List.of(work("clean", Operation.CLEAN, 300, 30), work("weld", Operation.WELD, 300, 30));
        assertThat(new Asked(120, SetUp.USUAL, 1, false, false, Optional.empty()).rank(all, NOW))
                .extracting(Possible::id, Possible::minutes)
                .containsExactlyInAnyOrder(tuple("clean", 100), tuple("weld", 50));
        assertThat(new Asked(20, SetUp.USUAL, 1, false, false, Optional.empty()).rank(all, NOW))
                .isEmpty();
    }

    /** In the rain nothing is done outdoors; in the bay nothing that has its place in the yard. */
    @Test
    void weatherAndPlaceAreAsked() {
        var here = new Work<>(
                "bay",
                false,
                0,
                60,
                1,
                Optional.of("bay"),
                false,
                false,
                false,
                false,
                true,
                false,
                Optional.<Instant>empty());
        var wash = new Work<>(
                "wash",
                false,
                0,
                60,
                1,
                Optional.of("yard"),
                true,
                false,
                false,
                false,
                true,
                false,
                Optional.<Instant>empty());
        var bench = work("bench", Operation.CLEAN, 60, 30);
        var all = List.of(here, wash, bench);
        assertThat(new Asked(120, NONE, 1, false, true, Optional.empty()).rank(all, NOW))
                .extracting(Possible::id)
                .containsExactlyInAnyOrder("bay", "bench");
        assertThat(new Asked(120, NONE, 1, false, false, Optional.of("yard")).rank(all, NOW))
                .extracting(Possible::id)
                .containsExactlyInAnyOrder("wash", "bench");
    }

    @Test
    void aWorkSessionIsBetweenAMinuteAndADay() {
        assertThatThrownBy(() -> new Asked(0, NONE, 1, false, false, Optional.empty()))
                .hasMessageContaining("1 to 1440");
        assertThatThrownBy(() -> new Asked(1441, NONE, 1, false, false, Optional.empty()))
                .hasMessageContaining("1441");
        assertThatThrownBy(() -> new Asked(60, NONE, 0, false, false, Optional.empty()))
                .hasMessageContaining("at least 1: yourself");
    }

    private static Work<String> work(String id, Operation operation, int minutes, int days) {
        return new Work<>(
                id,
                DEMANDS.isNoisy(new JobNature(operation, Optional.empty(), Set.of())),
                (int) DEMANDS.leastSession(operation).orElse(Duration.ZERO).toMinutes(),
                minutes,
                1,
                Optional.empty(),
                false,
                false,
                operation == Operation.WELD,
                false,
                true,
                false,
                Optional.of(NOW.plus(Duration.ofDays(days))));
    }

    /** Too cold for it to cure, or outside the hours for noise: not tonight, however much it presses. */
    @Test
    void whatThePlaceDoesNotAllowNowIsLeftOut() {
        var prime = new Work<>(
                "prime", true, 0, 60, 1, Optional.empty(), false, false, false, true, true, false, Optional.of(NOW));
        assertThat(new Asked(120, NONE, 1, false, false, Optional.empty()).rank(List.of(prime), NOW))
                .isEmpty();
    }
}
