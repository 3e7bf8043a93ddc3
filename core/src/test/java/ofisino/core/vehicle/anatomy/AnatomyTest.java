package ofisino.core.vehicle.anatomy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.check.Catalogue;
import ofisino.core.vehicle.check.Check;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.reading.Limits;
import org.junit.jupiter.api.Test;

class AnatomyTest {
    private static final Anatomy ANATOMY = Anatomy.load();
    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final Bodies BODIES = Bodies.load();

    private static final Equipment ESTATE =
            Vehicles.of(BodyStyle.ESTATE, 1969, "brakes-rear:drum", "brakes-front:disc", "rear-suspension:leaf");
    private static final Equipment HATCHBACK = Vehicles.of(BodyStyle.HATCHBACK, 2008);
    private static final Equipment MOTORCYCLE = Vehicles.of(BodyStyle.MOTORCYCLE, 1979);

    private static Set<String> places() {
        return Stream.concat(
                        Stream.of(Zone.WHOLE),
                        BODIES.styles().stream()
                                .flatMap(s -> BODIES.of(s).zones().stream().map(Zone::place)))
                .collect(Collectors.toSet());
    }

    /** Every component is somewhere that some drawing has, and every place has something that can be named there. */
    @Test
    void everyComponentIsSomewhereAndEveryPlaceHasOne() {
        Set<String> places = places();
        for (Component c : ANATOMY.all()) assertThat(c.places()).as(c.id()).isSubsetOf(places);
        Set<String> named =
                ANATOMY.all().stream().flatMap(c -> c.places().stream()).collect(Collectors.toSet());
        assertThat(new TreeSet<>(places)).isSubsetOf(named);
    }

    /** What it names elsewhere is there. */
    @Test
    void namesWhatThereIs() {
        Limits limits = Limits.load();
        for (Component c : ANATOMY.all())
            for (String limit : c.readBy())
                assertThat(limits.all()).extracting("id").as(c.id()).contains(limit);
    }

    /** A check that fails names what is broken, and only what can be there and can have that. */
    @Test
    void aCheckIsAboutSomethingAtItsPlace() {
        Set<String> unnamed = new TreeSet<>();
        for (Check check : CATALOGUE.checks()) {
            if (check.of().isEmpty()) unnamed.add(check.id());
            for (String id : check.of()) {
                Component c = ANATOMY.require(id);
                boolean onTheRoad =
                        check.places().contains(Catalogue.ROAD) && c.places().contains(Zone.WHOLE);
                assertThat(onTheRoad || c.places().stream().anyMatch(check.places()::contains))
                        .as("%s of %s", id, check.id())
                        .isTrue();
                assertThat(c.nature().kinds()).as(check.id() + " " + id).contains(check.kind());
            }
        }
        unnamed.removeIf(id -> id.startsWith("papers-"));
        assertThat(unnamed)
                .as("what is about the vehicle as a whole, or about several things at once")
                .containsExactlyInAnyOrder(UNNAMED);
    }

    private static final String[] UNNAMED = {
        "abs-lamp",
        "belts-demanded",
        "bore-look",
        "codes-after-drive",
        "engine-bay-complete",
        "engine-turns",
        "exhaust-headers-blue",
        "fault-codes",
        "polarity",
        "road-speed-reading",
        "rodents",
        "split-rims",
        "stance",
        "steering-lash",
        "symmetry-diagonals"
    };

    /** Nobody says of a sill that it is electrically dead, of a lamp that it has rusted through its weld, of glass that it leaks oil. */
    @Test
    void onlyWhatAThingCanHaveIsOffered() {
        assertThat(ANATOMY.require("sill-outer").nature().kinds())
                .contains(FindingKind.RUST_THROUGH, FindingKind.OLD_REPAIR)
                .doesNotContain(FindingKind.DEAD_ELECTRICAL, FindingKind.SEIZED, FindingKind.LEAK);
        assertThat(ANATOMY.require("windscreen-glass").nature().kinds())
                .doesNotContain(FindingKind.LEAK, FindingKind.RUST_THROUGH, FindingKind.SEIZED);
        assertThat(ANATOMY.require("overheats").nature().kinds()).containsExactly(FindingKind.SYMPTOM);
        Set<FindingKind> offered = new HashSet<>();
        ANATOMY.all().forEach(c -> offered.addAll(c.nature().kinds()));
        assertThat(offered).containsExactlyInAnyOrder(FindingKind.values());
    }

    /** Drums on one car, discs on another, neither a propeller shaft in front-wheel drive nor a second brake cylinder on a motorcycle. */
    @Test
    void aVehicleIsMadeOfWhatItMayHave() {
        assertThat(ids(ESTATE)).contains("brake-shoes-rear", "rear-leaf-spring", "contact-points", "brake-pads-front");
        assertThat(ids(ESTATE)).doesNotContain("brake-pads-rear", "airbag-module", "fork-tube", "final-chain");
        assertThat(ids(HATCHBACK)).contains("airbag-module", "catalytic-converter", "abs-unit");
        assertThat(ids(HATCHBACK)).doesNotContain("contact-points", "carburettor-body", "dynamo", "semaphore");
        assertThat(ids(MOTORCYCLE)).contains("fork-seal", "final-chain", "kick-mechanism", "clutch-plates-wet");
        assertThat(ids(MOTORCYCLE)).doesNotContain("wheel-cylinder-rear", "clutch-kit", "engine-mounting");
        assertThat(ids(ESTATE)).hasSizeGreaterThan(250);
        assertThat(ids(MOTORCYCLE)).hasSizeGreaterThan(100);
    }

    private static Set<String> ids(Equipment vehicle) {
        return ANATOMY.of(vehicle).stream().map(Component::id).collect(Collectors.toSet());
    }

    /** What comes with a thing is of the same vehicles and of places beside it. */
    @Test
    void whatComesWithAThingIsThere() {
        for (Equipment vehicle : List.of(ESTATE, HATCHBACK, MOTORCYCLE))
            for (Component c : ANATOMY.of(vehicle))
                for (Component with : ANATOMY.with(c, vehicle))
                    assertThat(with.places().stream().anyMatch(c.places()::contains) || with.system() == c.system())
                            .as("%s with %s", c.id(), with.id())
                            .isTrue();
    }

    /** Both wheels of an axle, never the spare or the sill. */
    @Test
    void pairsAreOfAxles() {
        assertThat(ANATOMY.all().stream().filter(Component::axlePair).map(Component::system))
                .containsOnly(
                        VehicleSystem.BRAKES,
                        VehicleSystem.STEERING_AND_SUSPENSION,
                        VehicleSystem.WHEELS_AND_TYRES,
                        VehicleSystem.ELECTRICAL);
    }

    @Test
    void whatIsNotThereIsSaid() {
        assertThatThrownBy(() -> ANATOMY.require("warp-drive"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("warp-drive");
        Zone sill = BODIES.of(BodyStyle.ESTATE).require("sill-left");
        assertThatThrownBy(() -> ANATOMY.require("tyre").mustBeAt(sill, ESTATE)).hasMessageContaining("Tyre");
        assertThatThrownBy(() -> ANATOMY.require("sill-outer").mustBeAbleToHave(FindingKind.DEAD_ELECTRICAL))
                .hasMessageContaining("Outer sill");
    }

    @Test
    void aNameMakesNothingMilderWhereTheCarBrakesOrSteers() {
        Component glass = ANATOMY.require("headlamp-glass");
        assertThat(glass.systemAt(VehicleSystem.STRUCTURE)).isEqualTo(VehicleSystem.ELECTRICAL);
        assertThat(glass.systemAt(VehicleSystem.BRAKES)).isEqualTo(VehicleSystem.BRAKES);
    }
}
