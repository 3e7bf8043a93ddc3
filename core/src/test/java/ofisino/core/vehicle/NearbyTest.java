package ofisino.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Nearby;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Vehicles;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What heat reaches. Common practice, no source. */
class NearbyTest {
    private static final Nearby NEARBY = Nearby.load();
    private static final Bodies BODIES = Bodies.load();

    private static Set<String> places(BodyStyle style) {
        return BODIES.of(style).zones().stream().map(Zone::place).collect(Collectors.toSet());
    }

    /** Whatever may be welded on a body has something beside or behind it there. */
    @ParameterizedTest
    @EnumSource(BodyStyle.class)
    void everyPlaceOfSheetMetalHasSomethingNearby(BodyStyle style) {
        Set<String> there = places(style);
        for (Zone z : BODIES.of(style).zones())
            if (z.system() == VehicleSystem.STRUCTURE || z.system() == VehicleSystem.BODY) {
                assertThat(NEARBY.places()).contains(z.place());
                assertThat(NEARBY.of(z.place()).near())
                        .as("%s of the %s", z.id(), style)
                        .doesNotContain(z.place())
                        .anyMatch(there::contains);
            }
    }

    @Test
    void everyPlaceIsDrawnSomewhere() {
        Set<String> drawn =
                BODIES.styles().stream().flatMap(s -> places(s).stream()).collect(Collectors.toSet());
        for (String place : NEARBY.places()) {
            assertThat(drawn).contains(place);
            assertThat(drawn).as(place).containsAll(NEARBY.of(place).near());
        }
    }

    /** A tank in front lies behind the scuttle; while nobody has seen where it is, it may. What lies near on every body stays near. */
    @Test
    void theTankLiesNearWhereItMayBe() {
        assertThat(NEARBY.near("scuttle", Vehicles.of(BodyStyle.SALOON, 1974, "tank-place:front")))
                .contains("fuel-tank");
        assertThat(NEARBY.near("scuttle", Vehicles.of(BodyStyle.SALOON, 1974))).contains("fuel-tank");
        assertThat(NEARBY.near("scuttle", Vehicles.of(BodyStyle.SALOON, 1974, "tank-place:boot")))
                .doesNotContain("fuel-tank")
                .contains("wiring");
        assertThat(NEARBY.near("rear-panel", Vehicles.of(BodyStyle.SALOON, 1974, "tank-place:boot")))
                .contains("fuel-tank");
        assertThat(NEARBY.near("load-floor", Vehicles.of(BodyStyle.SALOON, 1974, "tank-place:front")))
                .contains("fuel-tank");
    }

    /** Of two places of sheet metal each lies beside the other. */
    @Test
    void neighboursAreMutual() {
        for (String place : NEARBY.places())
            for (String other : NEARBY.of(place).neighbours())
                if (NEARBY.places().contains(other))
                    assertThat(NEARBY.of(other).near())
                            .as("%s beside %s", other, place)
                            .contains(place);
    }
}
