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
     * The exercise in K. Schwalbe, Information Technology Project Management (chapter on cost): of 120,000 earned 20,000, spent 25,000: a
     * cost index of 80 %, at completion 150,000. From memory.
     */
    @Test
    void aPublishedExerciseComesOut() {
        var project = new EarnedValue(120_000, 20_000, 25_000);
        assertThat(project.costIndex().orElseThrow()).isEqualTo(0.8);
        assertThat(project.endLikeSoFar().orElseThrow()).isEqualTo(150_000);
    }

    /** By hand: of 216 h thought 88 are done in 104: the rest is 128 as thought, 128 · 104 ÷ 88 = 151.27 like so far. */
    @Test
    void theRestByHand() {
        var work = new EarnedValue(216, 88, 104);
        assertThat(work.restAsThought()).isEqualTo(128);
        assertThat(work.restLikeSoFar().orElseThrow()).isCloseTo(151.27, within(0.005));
    }

    @Test
    void beforeAnythingIsFinishedNothingIsForetold() {
        var fresh = new EarnedValue(100, 0, 0);
        assertThat(fresh.costIndex()).isEmpty();
        assertThat(fresh.restLikeSoFar()).isEmpty();
        assertThat(fresh.endLikeSoFar()).isEmpty();
        assertThat(fresh.restAsThought()).isEqualTo(100);
        assertThatThrownBy(() -> new EarnedValue(100, 101, 1)).isInstanceOf(InvalidValue.class);
    }

    /** Who works at one pace throughout ends at that pace, however much is done. */
    @Property
    void theEndFollowsThePace(
            @ForAll @DoubleRange(min = 1, max = 1000) double earned,
            @ForAll @DoubleRange(min = 0.5, max = 3) double pace) {
        var work = new EarnedValue(2000, earned, earned * pace);
        assertThat(work.endLikeSoFar().orElseThrow()).isCloseTo(2000 * pace, within(1e-6));
        assertThat(work.restLikeSoFar().orElseThrow() - work.restAsThought())
                .isCloseTo((2000 - earned) * (pace - 1), within(1e-6));
    }
}
