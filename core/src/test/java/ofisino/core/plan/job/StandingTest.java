package ofisino.core.plan.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import ofisino.core.plan.job.Progress.Item;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** By hand: what a person who looks for something to do is told of a job. */
class StandingTest {
    @ParameterizedTest
    @CsvSource({
        "PLANNED, false, true, false, READY",
        "PROPOSED, false, true, false, READY",
        "PLANNED, true, true, false, WAITS",
        "PLANNED, true, false, false, WAITS",
        "PLANNED, false, false, false, WAITS_FOR_PARTS",
        "PLANNED, false, true, true, WAITS",
        "BEGUN, false, false, false, IN_HAND",
        "LOOSE, true, true, true, IN_HAND",
        "FINISHED, false, true, false, OVER",
        "VERIFIED, false, true, false, OVER",
        "DROPPED, true, false, true, OVER"
    })
    void saysWhereWorkStands(JobState state, boolean waits, boolean partsHere, boolean gated, Standing standing) {
        Set<String> before = waits ? Set.of("other") : Set.of();
        assertThat(Standing.of(
                        new Item<>("job", new HowFar.Work(state, 60, 0, false), before, partsHere, gated), before))
                .isEqualTo(standing);
    }
}
