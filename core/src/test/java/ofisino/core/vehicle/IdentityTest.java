package ofisino.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.identity.Feature;
import ofisino.core.vehicle.identity.Feature.Standing;
import ofisino.core.vehicle.identity.VariantPart;
import org.junit.jupiter.api.Test;

class IdentityTest {
    @Test
    void numbersAreComparedWithoutTheBlanksBetweenTheirGroups() {
        Feature number = Feature.VEHICLE_NUMBER;
        assertThat(number.compare("HP 69-1234", "hp691234", null)).isEqualTo(Standing.CONFIRMED);
        assertThat(number.compare("HP 69-1234", "HP 69-1284", null)).isEqualTo(Standing.CONTRADICTS);
        // what a person says does not outvote the characters
        assertThat(number.compare("HP 1", "HP 2", true)).isEqualTo(Standing.CONTRADICTS);
        assertThat(number.compare("HP 1", " - ", true)).isEqualTo(Standing.UNCHECKED);
    }

    @Test
    void whatIsToldInWordsIsUncheckedUntilAPersonSaysWhetherItAgrees() {
        Feature colour = Feature.COLOUR_TRACES;
        assertThat(colour.compare("dark green", "green under the badge", null)).isEqualTo(Standing.UNCHECKED);
        assertThat(colour.compare("dark green", "green under the badge", true)).isEqualTo(Standing.CONFIRMED);
        assertThat(colour.compare("dark green", "red", false)).isEqualTo(Standing.CONTRADICTS);
        assertThat(colour.compare("", "red", true)).isEqualTo(Standing.UNCHECKED);
    }

    @Test
    void aPartOfASisterVariantIsKnownByAllWordsOfItsNameInAnyOrder() {
        VariantPart glass = new VariantPart("Side glass", "the saloon's is shorter");
        assertThat(glass.concerns("Glass for the rear side, left")).isTrue();
        assertThat(glass.concerns("Side windows")).isFalse();
        assertThat(new VariantPart("Bumpers", "narrower").concerns("front bumper, new"))
                .isTrue();
        // a word within a word is another part
        assertThat(new VariantPart("Seat", "other rails").concerns("Seatbelt")).isFalse();
        assertThatThrownBy(() -> new VariantPart("Seat", " ")).isInstanceOf(InvalidValue.class);
    }
}
