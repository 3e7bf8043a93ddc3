package ofisino.core.kernel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LanguageTest {
    private static final Language AMERICAN = Language.of(Locale.US);

    /** The pages say the same examples (saying.test.ts): the rule stands in both. */
    @Test
    void anAmericanSaysIt() {
        var examples = Entry.beside(LanguageTest.class, "/ofisino/core/language/en-US.examples.json");
        Map<?, ?> all = (Map<?, ?>) examples.value();
        assertThat(all).hasSizeGreaterThan(5).allSatisfy((british, american) -> {
            assertThat(AMERICAN.say(british.toString())).isEqualTo(american);
            assertThat(Language.BRITISH.say(british.toString())).isEqualTo(british);
        });
        assertThat(AMERICAN.say("{litres} l of petrol from {sump}")).isEqualTo("{litres} l of gas from {sump}");
    }

    @Test
    void whoeverHasNoFileReadsBritishEnglish() {
        assertThat(Language.of(Locale.UK)).isSameAs(Language.BRITISH);
        assertThat(Language.of(Locale.JAPAN)).isSameAs(Language.BRITISH);
        for (int i = 0; i < 1000; i++)
            assertThat(Language.of(Locale.forLanguageTag("en-US-x-" + i))).isSameAs(Language.BRITISH);
        assertThat(Language.of(Locale.US)).isSameAs(AMERICAN);
    }

    /** Another language is a file: words, or whole texts. */
    @Test
    void aLanguageIsReadFromItsFile() {
        Language loud = Language.read(
                "x.json",
                new StringReader("{\"terms\": {\"sill\": \"SILL\"}, \"sentences\": {\"Bonnet\": \"Haube\"}}"));
        assertThat(loud.say("Left sill")).isEqualTo("Left SILL");
        assertThat(loud.say("Bonnet")).isEqualTo("Haube");
        assertThatThrownBy(() -> Language.read("x.json", new StringReader("{\"terms\": {}}")))
                .hasMessageContaining("x.json")
                .hasMessageContaining("sentences");
        assertThatThrownBy(() -> Language.read("x.json", new StringReader("{\"words\": {}}")))
                .hasMessageContaining("words");
    }

    /** What was put in is said by whoever knows whether a person typed it. */
    @Test
    void aRefusalIsSaidWithItsValues() {
        var refusal =
                Conflict.of("zone.still", "“%s” is still off.", "Fit the tyres to the %s first.", "bonnet", "sill");
        assertThat(refusal.in(AMERICAN, typed -> typed))
                .isEqualTo("“bonnet” is still off. Fit the tires to the sill first.");
        assertThat(refusal.in(AMERICAN, AMERICAN::say)).contains("“hood”").contains("rocker panel");
        assertThat(refusal.getMessage()).contains("tyres");
    }
}
