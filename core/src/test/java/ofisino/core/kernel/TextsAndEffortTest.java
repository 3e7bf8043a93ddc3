package ofisino.core.kernel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class TextsAndEffortTest {
    @Test
    void aLineIsTrimmedAndBounded() {
        assertThat(Texts.line("title", "  Sill  ")).isEqualTo("Sill");
        assertThat(Texts.line("title", "x".repeat(120))).hasSize(120);
        assertThatThrownBy(() -> Texts.line("title", "x".repeat(121))).hasMessageContaining("121 characters");
        assertThatThrownBy(() -> Texts.line("title", " ")).hasMessageContaining("title is missing");
        assertThatThrownBy(() -> Texts.line("title", null)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> Texts.note("note", "a\0b")).hasMessageContaining("cannot be kept");
    }

    @Test
    void anEffortGrowsFromOptimisticToPessimistic() {
        assertThat(Effort.exactly(0).likelyMinutes()).isZero();
        assertThatThrownBy(() -> new Effort(60, 30, 90)).hasMessageContaining("swapped");
        assertThatThrownBy(() -> new Effort(-1, 30, 90)).hasMessageContaining("cannot be an effort");
        assertThat(new Effort(0, 0, Effort.MOST_MINUTES).pessimisticMinutes()).isEqualTo(120_000);
        assertThatThrownBy(() -> new Effort(0, 0, Effort.MOST_MINUTES + 1)).hasMessageContaining("Split the job");
    }

    @Test
    void whatWasPutTogetherIsCutAndNeverInsideACharacter() {
        assertThat(Texts.fitting("a".repeat(120))).hasSize(120).doesNotContain("…");
        assertThat(Texts.fitting("a".repeat(121))).hasSize(120).endsWith("a…");
        assertThat(Texts.fitting("a".repeat(118) + "🔧🔧")).isEqualTo("a".repeat(118) + "…");
    }
}
