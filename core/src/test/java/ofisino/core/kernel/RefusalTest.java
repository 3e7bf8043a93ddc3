package ofisino.core.kernel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class RefusalTest {
    @Test
    void saysWhatIsWrongAndWhatToDoWithTheValue() {
        var refusal =
                InvalidValue.at("people", "job.people", "%d people are too many.", "Enter 1 to %d, or 100 %%.", 12, 9);
        assertThat(refusal).hasMessage("12 people are too many. Enter 1 to 9, or 100 %.");
        assertThat(refusal.code()).isEqualTo("job.people");
        assertThat(refusal.field()).contains("people");
    }

    @Test
    void isNotMadeWithoutAWayOut() {
        assertThatThrownBy(() -> Conflict.of("job.over", "This job is over.", " "))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("This job is over.");
        assertThatThrownBy(() -> Forbidden.of("role.owner", "", "Ask the owner."))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> InvalidValue.of("no code", "Wrong.", "Go back."))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("no code");
    }
}
