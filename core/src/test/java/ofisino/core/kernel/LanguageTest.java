package ofisino.core.kernel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LanguageTest {
    private static final Language AMERICAN = Language.of(Locale.US);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Tyres and wheels | Tires and wheels",
                "Boot lid, bonnet and left sill | Trunk lid, hood and left rocker panel",
                "Gaiter torn: renew the gaiter | Boot torn: renew the boot",
                "{litres} l of petrol from {sump} | {litres} l of gas from {sump}",
                "A bootlace and a wingspan | A bootlace and a wingspan",
                "An earth, a sump and a UJ | A ground, an oil pan and a U-joint",
                "The torch of the boot | The flashlight of the trunk",
                "Sealer burns under the torch and fouls the seam. | Sealer burns under the torch and fouls the seam.",
            })
    void anAmericanSaysIt(String british, String american) {
        assertThat(AMERICAN.say(british)).isEqualTo(american);
        assertThat(Language.BRITISH.say(british)).isEqualTo(british);
    }

    @Test
    void whoeverHasNoFileReadsBritishEnglish() {
        assertThat(Language.of(Locale.UK)).isSameAs(Language.BRITISH);
        assertThat(Language.of(Locale.JAPAN)).isSameAs(Language.BRITISH);
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
