package ofisino.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.sourcing.Grade;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: a part is as good as the aim asks for, and whoever differs says why. */
class GradeTest {
    @ParameterizedTest
    @CsvSource({"RUNNER, SERVICEABLE", "ROAD_READY, SERVICEABLE", "DRIVER, GOOD", "SHOW, SHOW"})
    void anAimAsksForAGrade(Aim aim, Grade grade) {
        assertThat(Grade.askedFor(aim)).isEqualTo(grade);
        assertThat(Grade.Chosen.of(grade, aim, " ").reason()).isEmpty();
    }

    /** Scenario 2: aim driver, a line of show grade asks for a reason. */
    @Test
    void aDifferentGradeAsksForAReason() {
        assertThatThrownBy(() -> Grade.Chosen.of(Grade.SHOW, Aim.DRIVER, " "))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("better than the standard asks for");
        assertThatThrownBy(() -> Grade.Chosen.of(Grade.SERVICEABLE, Aim.DRIVER, null))
                .hasMessageContaining("worse than the standard asks for");
        assertThat(Grade.Chosen.of(Grade.SHOW, Aim.DRIVER, "came with the lot").reason())
                .isEqualTo("came with the lot");
    }
}
