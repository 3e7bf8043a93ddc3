package ofisino.core.parts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.sourcing.MustMatch;
import org.junit.jupiter.api.Test;

class MustMatchTest {
    private static final MustMatch BEARING =
            MustMatch.of("Size: 35 × 62 × 14\n\n  Thread: M10 × 1 \nSize: 35 × 62 × 14\n");

    @Test
    void eachLineIsAFactOnce() {
        assertThat(BEARING.facts()).containsExactly("Size: 35 × 62 × 14", "Thread: M10 × 1");
        assertThat(MustMatch.of(BEARING.lines())).isEqualTo(BEARING);
    }

    @Test
    void whatNobodyComparedDoesNotPass() {
        assertThatThrownBy(() -> BEARING.mustBeSeen(List.of("Thread: M10 × 1")))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("35 × 62 × 14");
        BEARING.mustBeSeen(List.of("Thread: M10 × 1", "Size: 35 × 62 × 14"));
        MustMatch.of("").mustBeSeen(List.of());
    }

    @Test
    void aLongListIsNoList() {
        String many = IntStream.range(0, 13).mapToObj(i -> "Fact " + i).collect(Collectors.joining("\n"));
        assertThatThrownBy(() -> MustMatch.of(many)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> MustMatch.of("x".repeat(121))).isInstanceOf(InvalidValue.class);
    }
}
