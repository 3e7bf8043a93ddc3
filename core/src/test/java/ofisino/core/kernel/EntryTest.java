package ofisino.core.kernel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import org.junit.jupiter.api.Test;

class EntryTest {
    private static Entry entry(String yaml) {
        return Entry.listOf("a file", new StringReader(yaml)).get(0);
    }

    /** What stands in the wrong shape is said, never read as nothing. */
    @Test
    void aListIsAListOrNotThere() {
        assertThat(entry("- {having: [a, b]}").texts("having")).containsExactly("a", "b");
        assertThat(entry("- {id: x}").texts("having")).isEmpty();
        assertThatThrownBy(() -> entry("- {having: {a: [b]}}").texts("having"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("no list");
    }
}
