package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.progress.EarnedValue;
import org.junit.jupiter.api.Test;

class EarnedValueTest {
    /**
     * The exercise in K. Schwalbe, Information Technology Project Management (chapter on cost): a project of one year and 120,000, planned
     * 23,000, earned 20,000, spent 25,000. Cost variance −5,000, schedule variance −3,000, indices 80 % and 87 %, at completion 150,000. From
     * memory.
     */
    @Test
    void aPublishedExerciseComesOut() {
        var project = new EarnedValue(120_000, 23_000, 20_000, 25_000);
        assertThat(project.costVariance()).isEqualTo(-5_000);
        assertThat(project.scheduleVariance()).isEqualTo(-3_000);
        assertThat(project.costIndex().orElseThrow()).isEqualTo(0.8);
        assertThat(project.scheduleIndex().orElseThrow()).isCloseTo(0.87, within(0.005));
        assertThat(project.endLikeSoFar().orElseThrow()).isEqualTo(150_000);
    }

    /** By hand: 25,000 + 100,000; and 25,000 + 100,000 ÷ (0.8 × 20 ÷ 23) = 168,750. */
    @Test
    void theOtherVariantsOfTheEnd() {
        var project = new EarnedValue(120_000, 23_000, 20_000, 25_000);
        assertThat(project.endAsThought()).isEqualTo(125_000);
        assertThat(project.endByBoth().orElseThrow()).isCloseTo(168_750, within(0.001));
    }

    @Test
    void beforeAnythingIsFinishedNothingIsForetold() {
        var fresh = new EarnedValue(100, 0, 0, 0);
        assertThat(fresh.costIndex()).isEmpty();
        assertThat(fresh.scheduleIndex()).isEmpty();
        assertThat(fresh.endLikeSoFar()).isEmpty();
        assertThat(fresh.endByBoth()).isEmpty();
        assertThat(fresh.restAsThought()).isEqualTo(100);
        assertThatThrownBy(() -> new EarnedValue(100, 0, 101, 1)).isInstanceOf(InvalidValue.class);
    }

    /** Who works as was thought ends as was thought, and who needs more the more the less is done. */
    @Property
    void theEndFollowsThePace(
            @ForAll @DoubleRange(min = 1, max = 1000) double earned,
            @ForAll @DoubleRange(min = 0.5, max = 3) double pace) {
        var work = new EarnedValue(2000, earned, earned, earned * pace);
        assertThat(work.endLikeSoFar().orElseThrow()).isCloseTo(2000 * pace, within(1e-6 * 2000 * pace));
        double more = work.endLikeSoFar().orElseThrow() - work.endAsThought();
        assertThat(more).isCloseTo((2000 - earned) * (pace - 1), within(1e-6));
    }
}
