package ofisino.core.plan.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.progress.Baseline.Against;
import ofisino.core.plan.progress.Baseline.Due;
import org.junit.jupiter.api.Test;

/** A plan that was kept on 1 March: 10 h due on the 11th, 20 h on the 21st, 5 h on the 31st. All by hand. */
class BaselineTest {
    private static final LocalDate KEPT = LocalDate.of(2026, 3, 1);
    private static final Baseline<String> BASELINE = new Baseline<>(
            KEPT,
            List.of(
                    new Due<>("floor", 1200, KEPT.plusDays(20)),
                    new Due<>("sill", 600, KEPT.plusDays(10)),
                    new Due<>("paint", 300, KEPT.plusDays(30))));

    private static Against<String> on(int day, JobState sill, JobState floor) {
        return BASELINE.on(KEPT.plusDays(day), Map.of("sill", sill, "floor", floor, "paint", JobState.PLANNED))
                .orElseThrow();
    }

    @Test
    void saysHowFarBehindOneIsAndWhatIsOverdueTheFirstDueFirst() {
        Against<String> late = on(25, JobState.BEGUN, JobState.PLANNED);
        assertThat(late.planned()).isEqualTo(1800);
        assertThat(late.late()).as("nothing is done: as on the first day").isEqualTo(25);
        assertThat(late.overdue()).containsExactly("sill", "floor");
        Against<String> half = on(25, JobState.FINISHED, JobState.PLANNED);
        assertThat(half.late()).as("as on the 11th").isEqualTo(15);
        assertThat(half.overdue()).containsExactly("floor");
        assertThat(on(5, JobState.FINISHED, JobState.PLANNED).late())
                .as("five days ahead")
                .isEqualTo(-5);
    }

    /** Without the sill 20 h are due on the 21st: half way there one is neither late nor ahead. */
    @Test
    void whatWasDroppedCountsNowhere() {
        Against<String> less = on(15, JobState.DROPPED, JobState.PLANNED);
        assertThat(less.planned()).isZero();
        assertThat(less.late()).isZero();
        assertThat(less.overdue()).isEmpty();
        assertThat(BASELINE.on(KEPT.plusDays(15), Map.of()))
                .as("no job is left")
                .isEmpty();
    }

    @Test
    void saysNothingOnItsOwnDay() {
        assertThat(BASELINE.on(KEPT, Map.of("sill", JobState.PLANNED))).isEmpty();
    }
}
