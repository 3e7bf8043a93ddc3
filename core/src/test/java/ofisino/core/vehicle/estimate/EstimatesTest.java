package ofisino.core.vehicle.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.Optional;
import java.util.OptionalInt;
import ofisino.core.kernel.CostRange;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.corrosion.Corrosion;
import ofisino.core.vehicle.corrosion.RustGrade;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EstimatesTest {
    private static final Estimates ESTIMATES = Estimates.load();
    private static final Zone SILL = Bodies.load().of(BodyStyle.ESTATE).require("sill-left");

    /** A hole of 900 × 420 mm is 37.8 dm²: 10 h + 37.8 × 0.3 h = 21.34 h, to the quarter 21¼ h; 2 + 37.8 × 0.04 = 3.512 workshop hours. */
    @Test
    void rustGrowsWithItsExtent() {
        Estimate hole = ESTIMATES.of(
                SILL, new Corrosion(RustGrade.RI_5, Optional.empty(), 900, 420, true, OptionalInt.empty()));
        assertThat(hole.effort().likelyMinutes()).isEqualTo(21 * 60 + 15);
        assertThat(hole.material().costs(60_00).likelyMinor()).isEqualTo(210_72);
    }

    @Test
    void everySystemMayHideSomething() {
        for (VehicleSystem system : VehicleSystem.values()) {
            assertThat(ESTIMATES.hidden(system).chance()).as("%s", system).isBetween(0.05, 0.95);
        }
    }

    /** The sill is a known costly trap, the bonnet is not; what was seen hides nothing. */
    @Test
    void aPlainPlaceHidesHalfAsOften() {
        Estimates.Hidden hidden = ESTIMATES.hidden(VehicleSystem.STRUCTURE);
        Zone bonnet = Bodies.load().of(BodyStyle.ESTATE).require("bonnet");
        assertThat(hidden.chanceAt(SILL, 0.5)).isEqualTo(hidden.chance() / 2);
        assertThat(hidden.chanceAt(bonnet, 0.5)).isEqualTo(hidden.chance() / 4);
        assertThat(hidden.chanceAt(SILL, 0)).isZero();
    }

    @Test
    void aRangeThatFallsIsRefused() {
        assertThatThrownBy(() -> new CostRange(2, 1, 3)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new CostRange(-1, 1, 3)).hasMessageContaining("negative");
        assertThatThrownBy(() -> Estimates.read(new StringReader(
                        "{corrosion: [{repair: nothing, hours: [3, 2, 1], material: [0, 0, 0]}], hidden: []}")))
                .hasMessageContaining("three rising numbers");
    }

    /** Common practice, no source: machining and licensed work go out, what spoils nothing is for learning. */
    @ParameterizedTest
    @CsvSource({
        "WORN, ENGINE, C, true", "SEIZED, TRANSMISSION, B, true", "CRACK, STRUCTURE, A, true",
                "BROKEN, RESTRAINT, A, true",
        "RUST_THROUGH, STRUCTURE, A, false", "RUST_THROUGH, FUEL, A, true", "LEAK, ENGINE, C, false",
                "DENT, BODY, D, false",
        "CONTAMINATED, FUEL, A, false", "CRACK, GLASS_AND_SEALS, B, false"
    })
    void whoseHandsItAsksFor(FindingKind kind, VehicleSystem system, SafetyClass safety, boolean specialist) {
        assertThat(ESTIMATES.hands(kind, system, safety).asksForSpecialist()).isEqualTo(specialist);
    }
}
