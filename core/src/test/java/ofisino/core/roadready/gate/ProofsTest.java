package ofisino.core.roadready.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Vehicles;
import org.junit.jupiter.api.Test;

/** What a proof says, for how long, and after which work. Common practice, no source. */
class ProofsTest {
    private static final LocalDate TODAY = PlantedCar.TODAY;
    private static final List<Proof> PROOFS = PlantedCar.PROOFS;

    @Test
    void laterWorkVoidsWhatItTouchedAndUnknownWorkAllOfIt() {
        Proof brakes = Proofs.load().require("brake-standing");
        assertThat(brakes.isVoidedBy(Set.of(VehicleSystem.BRAKES))).isTrue();
        assertThat(brakes.isVoidedBy(Set.of(VehicleSystem.TRIM))).isFalse();
        assertThat(brakes.isVoidedBy(Set.of())).isTrue();
        assertThat(Proofs.load().require("after-50-km").isVoidedBy(Set.of(VehicleSystem.WHEELS_AND_TYRES)))
                .as("wheel off: the nuts are looked at again")
                .isTrue();
        assertThat(Proofs.load().require("official-inspection").isVoidedBy(Set.of(VehicleSystem.BRAKES)))
                .isFalse();
    }

    @Test
    void aStandingTestCountsOnlyWhenItHeldForAMinute() {
        Proof brakes = Proofs.load().require("brake-standing");
        brakes.check(60.0, TODAY, null, TODAY);
        assertThatThrownBy(() -> brakes.check(20.0, TODAY, null, TODAY)).hasMessageContaining("at least 60 s");
        assertThatThrownBy(() -> brakes.check(null, TODAY, null, TODAY)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> brakes.check(60.0, TODAY.plusDays(1), null, TODAY))
                .hasMessageContaining("still to come");
        Proof inspection = Proofs.load().require("official-inspection");
        assertThatThrownBy(() -> inspection.check(null, TODAY, null, TODAY)).hasMessageContaining("last day");
        inspection.check(null, TODAY, TODAY.plusYears(1), TODAY);
    }

    /** A test from before the repair proves nothing about it. */
    @Test
    void aTestIsNotDatedBeforeTheWorkThatItProves() {
        Proof brakes = Proofs.load().require("brake-standing");
        List<Proof.Worked> work = List.of(
                new Proof.Worked("Retrim", Set.of(VehicleSystem.TRIM), TODAY),
                new Proof.Worked("New caliper", Set.of(VehicleSystem.BRAKES), TODAY.minusDays(3)));
        brakes.mustFollow(work, TODAY);
        brakes.mustFollow(work, TODAY.minusDays(3));
        assertThatThrownBy(() -> brakes.mustFollow(work, TODAY.minusDays(4)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("“New caliper” was worked on until");
        List<Proof.Worked> unknown = List.of(new Proof.Worked("That thing", Set.of(), TODAY));
        assertThatThrownBy(() -> brakes.mustFollow(unknown, TODAY.minusDays(1))).hasMessageContaining("That thing");
    }

    @Test
    void whatIsOwedComesInItsOrder() {
        assertThat(Proofs.nextOutstanding(PROOFS, Set.of())).map(Proof::id).contains("after-1-km");
        assertThat(Proofs.nextOutstanding(PROOFS, Set.of("after-1-km", "after-50-km")))
                .map(Proof::id)
                .contains("after-10-km");
        assertThatThrownBy(() -> Proofs.read(new StringReader("- {id: x, name: X, how: Y, system: brakes}")))
                .hasMessageContaining("asked for by nothing");
    }

    /** A motorcycle has no seat belts and no seat that slides; everything else is asked of it too. */
    @Test
    void aMotorcycleIsAskedForWhatItHas() {
        List<String> asked = Proofs.load().of(Vehicles.of(BodyStyle.MOTORCYCLE, 1977)).stream()
                .map(Proof::id)
                .toList();
        assertThat(asked)
                .doesNotContain("belts-hold", "seat-fixed", "cabin-fumes")
                .contains("brake-standing", "road-test");
    }
}
