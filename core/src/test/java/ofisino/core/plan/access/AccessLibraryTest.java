package ofisino.core.plan.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.WhileOpen.Candidate;
import ofisino.core.plan.access.WhileOpen.OfferKind;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Layout;
import ofisino.core.vehicle.equipment.Make;
import ofisino.core.vehicle.equipment.Vehicles;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AccessLibraryTest {
    private static final AccessLibrary LIBRARY = AccessLibrary.load();
    private static final Set<Operation> KINDS_OF_WORK = Set.of(
            Operation.STRIP,
            Operation.REPLACE,
            Operation.WELD,
            Operation.INSPECT,
            Operation.ASSEMBLE,
            Operation.FABRICATE);
    private static final AgeingParts AGEING = AgeingParts.load(Anatomy.load());
    private static final Bodies BODIES = Bodies.load();

    private static AccessGraph accesses(Make make, String... facts) {
        return LIBRARY.of(Vehicles.of(make, facts));
    }

    private static AccessGraph accesses(Layout layout, String... facts) {
        return accesses(new Make(BodyStyle.SALOON, 1969, layout), facts);
    }

    private static final AccessGraph BIKE = LIBRARY.of(Vehicles.of(BodyStyle.MOTORCYCLE, 1977));

    @Test
    void everyLayoutHasItsAccessAndTogetherTheyAreMany() {
        Set<String> all = new HashSet<>();
        for (Make make : Vehicles.makes(1955, 2008)) {
            assertThat(accesses(make).all()).as(make.toString()).hasSizeGreaterThan(15);
            accesses(make).all().forEach(w -> all.add(w.id()));
        }
        assertThat(all).hasSizeGreaterThanOrEqualTo(95);
    }

    /** By hand: what must be open before the engine comes out, by layout, and what a vehicle that does not have it does not need. */
    @Test
    void theEngineComesOutThroughWhatStandsInItsWay() {
        AccessGraph front = accesses(Layout.FRONT_ENGINE_REAR_DRIVE);
        assertThat(front.closure("engine-out"))
                .contains(
                        "gearbox-unbolted",
                        "coolant-drained",
                        "bonnet-off",
                        "battery-isolated",
                        "propshaft-off",
                        "engine-oil-drained")
                .last()
                .isEqualTo("engine-out");
        assertThat(accesses(Layout.FOUR_WHEEL_DRIVE).closure("engine-out")).contains("propshaft-off");
        assertThat(accesses(Layout.REAR_ENGINE).has("engine-out")).isFalse();
        assertThat(accesses(Layout.REAR_ENGINE).closure("engine-out-rear"))
                .as("air usually cools it; its first start asks all the same")
                .contains("carburettor-off", "rear-valance-off")
                .doesNotContain("coolant-drained");
        assertThat(accesses(Layout.REAR_ENGINE).closure("radiator-out"))
                .as("who has found one all the same drains it")
                .contains("coolant-drained");
        assertThat(accesses(Layout.MID_ENGINE).closure("engine-out-mid"))
                .contains("rear-drive-shafts-out", "coolant-drained", "fuel-drained");
        AccessGraph modern = accesses(new Make(BodyStyle.HATCHBACK, 2008, Layout.FRONT_ENGINE_FRONT_DRIVE));
        assertThat(modern.closure("engine-out-front-drive"))
                .contains("drive-shafts-out", "refrigerant-recovered", "fuel-pressure-released", "radiator-out");
    }

    /** What a refit is called tells nobody to fill a tank before the welding, nor that brakes stop that were not bled. Common practice, no source. */
    @Test
    void aRefitPromisesNothingThatOnlyALaterJobDoes() {
        for (Make make : Vehicles.makes(1955, 2008))
            for (Access access : accesses(make).all()) {
                assertThat(List.of(access.name(), access.stripName(), access.refitName()))
                        .as("the state, the way there and the way back of " + access.id())
                        .doesNotHaveDuplicates();
                access.drained().map(Access.Drained::circuit).ifPresent(circuit -> {
                    if (circuit == Circuit.FUEL)
                        assertThat(access.refitName()).as(access.id()).contains("empty");
                    if (circuit == Circuit.BRAKE_FLUID || circuit == Circuit.CLUTCH_FLUID)
                        assertThat(access.refitName()).as(access.id()).contains("still to be bled");
                });
                if (access.touches().contains(VehicleSystem.FUEL)
                        && access.refitName().contains("ank"))
                    assertThat(access.refitName()).as(access.id()).contains("empty");
            }
    }

    /**
     * Petrol runs where nothing can spark, and the starter hangs on what is unbolted: the earth lead comes off first. Common practice, no
     * source.
     */
    @Test
    void theBatteryIsOffBeforeFuelIsOpenedOrAnEngineUnbolted() {
        for (Make make : Vehicles.makes(1955, 2008)) {
            AccessGraph all = accesses(make);
            for (Access access : all.all())
                if (access.drained().filter(d -> d.circuit() == Circuit.FUEL).isPresent()
                        || access.id().matches("carburettor.*|engine-out.*|gearbox-(unbolted|out.*)"))
                    assertThat(all.closure(access.id()))
                            .as(make + access.id())
                            .contains(
                                    make.layout() == Layout.MOTORCYCLE ? "bike-battery-isolated" : "battery-isolated");
        }
    }

    /** What was recorded with an access keeps it, though somebody saw since that the vehicle cannot have it. */
    @Test
    void whatIsRecordedStays() {
        Equipment air = Vehicles.of(new Make(BodyStyle.SALOON, 1966, Layout.REAR_ENGINE), "cooling:air");
        assertThat(LIBRARY.of(air).has("coolant-drained")).isFalse();
        assertThat(LIBRARY.of(air, Set.of("coolant-drained")).has("coolant-drained"))
                .isTrue();
    }

    /** Each is needed by another, is usual for the jobs of a zone, or is where something ages; and reaches only what there is. */
    @Test
    void everyAccessLeadsSomewhere() {
        Set<String> zones = new HashSet<>();
        for (BodyStyle style : BodyStyle.values())
            for (Zone zone : BODIES.of(style).zones()) zones.add(zone.place());
        Set<String> proposed = new HashSet<>();
        List<AccessGraph> all = new ArrayList<>();
        for (Make make : Vehicles.makes(1955, 2008)) {
            Equipment vehicle = Vehicles.of(make);
            all.add(LIBRARY.of(vehicle));
            for (Zone zone : BODIES.of(make.body(), make.layout()).zonesOf(vehicle))
                for (Operation operation : KINDS_OF_WORK) proposed.addAll(LIBRARY.usual(vehicle, zone.id(), operation));
        }
        for (AccessGraph accesses : all)
            for (Access access : accesses.all()) {
                assertThat(zones).as(access.id()).containsAll(access.reaches());
                boolean needed = all.stream()
                        .flatMap(w -> w.all().stream())
                        .anyMatch(other -> other.needs().contains(access.id()));
                assertThat(needed || proposed.contains(access.id()))
                        .as(access.id())
                        .isTrue();
            }
    }

    /** By hand: what stands in the open. Everything else on each vehicle is reached by some access. */
    private static final Set<String> IN_THE_OPEN = Set.of(
            "battery-tray",
            "brake-pedal",
            "clutch-grip",
            "grab-rail",
            "headlamp",
            "ignition",
            "instruments",
            "rear-lamps",
            "rear-panel",
            "rear-pillar",
            "rear-wing",
            "roof-front",
            "roof-rear",
            "side-cover",
            "side-panel-front",
            "side-panel-rear",
            "tank-cap",
            "throttle-grip");

    @Test
    void noPlaceIsWithoutAnAccess() {
        Set<String> without = new TreeSet<>();
        for (Make make : Vehicles.makes(1955, 2008)) {
            Equipment vehicle = Vehicles.of(make);
            Set<String> reached = LIBRARY.of(vehicle).all().stream()
                    .flatMap(w -> w.reaches().stream())
                    .collect(Collectors.toSet());
            for (Zone zone :
                    BODIES.of(make.body(), make.layout()).drawing(vehicle).zones())
                if (!reached.contains(zone.place())
                        && KINDS_OF_WORK.stream()
                                .filter(o -> o != Operation.WELD) // for that the battery is off everywhere
                                .allMatch(o ->
                                        LIBRARY.usual(vehicle, zone.id(), o).isEmpty())) without.add(zone.place());
        }
        assertThat(without).isEqualTo(IN_THE_OPEN);
    }

    @Test
    void aJobUsuallyNeedsWhatStandsBeforeItsPlace() {
        Equipment estate = Vehicles.of(BodyStyle.ESTATE, 1969);
        assertThat(LIBRARY.usual(estate, "engine-block", Operation.ASSEMBLE)).containsExactly("engine-out");
        assertThat(LIBRARY.usual(estate, "front-brakes", Operation.REPLACE))
                .containsExactlyInAnyOrder("front-brake-stripped", "brake-circuit-open");
        assertThat(LIBRARY.usual(Vehicles.of(BodyStyle.MOTORCYCLE, 1977), "fork-left", Operation.REPLACE))
                .containsExactly("bike-fork-out");
        assertThat(LIBRARY.usual(estate, "roof-front", Operation.PAINT)).isEmpty();
        assertThat(LIBRARY.usual(estate, "front-wheel-left", Operation.REPLACE)).containsExactly("wheel-front-off");
        assertThat(LIBRARY.usual(estate, "front-wheel-left", Operation.INSPECT)).isEmpty();
        assertThat(LIBRARY.usual(estate, "bulkhead", Operation.WELD)).contains("carpets-out");
        assertThat(LIBRARY.usual(estate, "bulkhead", Operation.PAINT)).doesNotContain("carpets-out");
        assertThat(LIBRARY.usual(Vehicles.of(BodyStyle.HATCHBACK, 1998), "timing-drive", Operation.REPLACE))
                .containsExactly("timing-belt-off");
    }

    @Test
    void aClearanceIsSetWithTheHeadOn() {
        var set = new JobNature(Operation.ADJUST, Optional.of(VehicleSystem.ENGINE), Set.of());
        assertThat(CarState.of(set)).containsExactly(CarState.ENGINE_CLOSED);
        AccessGraph estate = LIBRARY.of(Vehicles.of(BodyStyle.ESTATE, 1969));
        assertThat(List.of("head-off", "timing-cover-off"))
                .allSatisfy(
                        access -> assertThat(estate.require(access).excludes()).contains(CarState.ENGINE_CLOSED));
        assertThat(estate.require("radiator-out").excludes()).doesNotContain(CarState.ENGINE_CLOSED);
    }

    @Test
    void everyAgeingPartLiesBehindAAccessThatExists() {
        Set<String> all = Vehicles.makes(1955, 1985, 2008).stream()
                .flatMap(make -> accesses(make).all().stream())
                .map(Access::id)
                .collect(Collectors.toSet());
        assertThat(AGEING.all())
                .hasSizeGreaterThan(40)
                .allSatisfy(p -> assertThat(all).as(p.id()).containsAll(p.behind()));
    }

    /** Sentence 54 of the trade book, common practice: while gearbox and engine are apart, what hides between them is looked at. */
    @ParameterizedTest
    @ValueSource(strings = {"gearbox-out", "gearbox-out-front-drive", "engine-out-rear"})
    void whileGearboxAndEngineAreApartTheClutchAndItsSealsAreOffered(String access) {
        assertThat(AGEING.behind(access, Vehicles.of(BodyStyle.ESTATE, 1969)))
                .extracting(p -> p.component().id())
                .contains("release-bearing", "clutch-plate", "rear-crank-seal", "gearbox-input-seal");
    }

    @Test
    void nonsenseIsRefusedInAClearSentence() {
        Access engine = BIKE.require("bike-engine-out");
        assertThatThrownBy(() -> engine.taking(-1, 60))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("-1");
        assertThatThrownBy(() -> own("a", Set.of("a"))).hasMessageContaining("cannot need itself");
        AccessGraph accesses = BIKE;
        assertThatThrownBy(() -> accesses.with(List.of(own("a", Set.of("nowhere")))))
                .hasMessageContaining("nowhere");
        assertThatThrownBy(() -> accesses.with(List.of(own("a", Set.of("b")), own("b", Set.of("a")))))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("for ever");
        assertThatThrownBy(() -> accesses.require("engine-out")).hasMessageContaining("Choose one");
        assertThatThrownBy(() -> new Access.Drained(Circuit.COOLANT, Double.NaN))
                .isInstanceOf(InvalidValue.class);
        // a person's own figure takes the place of the usual one
        assertThat(accesses.with(List.of(engine.taking(30, 60)))
                        .require("bike-engine-out")
                        .minutes())
                .isEqualTo(90);
    }

    /**
     * Oracle: by hand. Gearbox out (with what it needs) 14.5 h. A release bearing: 0.25 h and 0.6 h worth of part. Horizon 5 years, life 15,
     * age unknown: remaining 7.5; p = 1 − exp(−5/7.5) = 0.487. Later = 0.487 × (51 + 870 + 180) = 536 min against 51 now.
     */
    @Test
    void aCheapPartBehindAnOpenGearboxIsDoneNow() {
        double p = WhileOpen.chanceOfFailure(5, 15, Optional.empty());
        assertThat(p).isCloseTo(0.4866, within(0.0001));
        var weighed = WhileOpen.weigh(new Candidate(OfferKind.AGEING, "b", "Release bearing", 15, 36, p, 180), 870);
        assertThat(weighed.nowMinutes()).isEqualTo(51);
        assertThat(weighed.laterMinutes()).isEqualTo(536);
        assertThat(weighed.doNow()).isTrue();
    }

    /** Two in which waiting wins: little work to come back, and a dear part that is new. */
    @Test
    void oftenTheAnswerIsToWait() {
        // belts behind the front seats: 0.7 h to come back, the part 1.6 h; three years old of fifteen: p = 1 −
        // exp(−5/12) = 0.341
        double belts = WhileOpen.chanceOfFailure(5, 15, Optional.of(3.0));
        assertThat(WhileOpen.weigh(new Candidate(OfferKind.AGEING, "s", "Seat belts", 45, 96, belts, 0), 42)
                        .doNow())
                .isFalse();
        // a clutch plate put in last year: p = 1 − exp(−1/19) = 0.051 over the next year, behind 14.5 h
        double clutch = WhileOpen.chanceOfFailure(1, 20, Optional.of(1.0));
        assertThat(WhileOpen.weigh(new Candidate(OfferKind.AGEING, "c", "Clutch plate", 30, 108, clutch, 180), 870)
                        .doNow())
                .isFalse();
    }

    @Test
    void whatOutlivedItsTimeDoesNotLiveForEver() {
        assertThat(WhileOpen.chanceOfFailure(5, 10, Optional.of(40.0))).isCloseTo(1 - Math.exp(-5), within(1e-9));
        assertThat(WhileOpen.chanceOfFailure(0, 10, Optional.empty())).isZero();
    }

    private static Access own(String id, Set<String> needs) {
        return new Access(
                id,
                id,
                "open " + id,
                "close " + id,
                needs,
                10,
                10,
                1,
                Optional.empty(),
                Set.of(),
                List.of(),
                Set.of(),
                Set.of(),
                Set.of());
    }

    /** Where airbags may be fitted they are made safe before what lies near them; an old car is not asked. Common practice, no source. */
    @Test
    void whatMayFireIsMadeSafeFirst() {
        for (Layout layout : Layout.values())
            if (layout != Layout.MOTORCYCLE)
                for (String access : List.of(
                        "steering-wheel-off", "dashboard-out", "front-seats-out", "door-trim-off", "headlining-down")) {
                    Make saloon = new Make(BodyStyle.SALOON, 1994, layout);
                    assertThat(accesses(saloon).closure(Set.of(access))).contains("airbag-safe", "battery-isolated");
                    assertThat(accesses(saloon, "airbags:none", "pretensioners:none", "pyrotechnics:none")
                                    .closure(Set.of(access)))
                            .doesNotContain("airbag-safe");
                }
    }

    /** No access that lifts, drains, hoists or frees what is under load goes without its caution. */
    @Test
    void dangerousAccessWarn() {
        for (Make make : Vehicles.makes(1955, 2008))
            assertThat(accesses(make).all())
                    .filteredOn(w ->
                            w.drained().filter(d -> d.circuit() == Circuit.FUEL).isPresent()
                                    || w.id().startsWith("engine-out"))
                    .allSatisfy(w -> assertThat(w.cautions()).as(w.id()).isNotEmpty());
    }

    /** On every vehicle one access raises it, and whatever else stands on stands lies inside that one. */
    @Test
    void oneAccessRaisesIt() {
        for (Make make : Vehicles.makes(1955, 1985, 2008)) {
            AccessGraph accesses = accesses(make);
            assertThat(accesses.all().stream()
                            .filter(w -> Raising.isRaising(
                                    w,
                                    accesses.closure(Set.of(w.id())).stream()
                                            .filter(id -> !id.equals(w.id()))
                                            .map(accesses::require)
                                            .toList()))
                            .map(Access::id))
                    .as(make.toString())
                    .containsExactly(make.layout() == Layout.MOTORCYCLE ? "bike-on-stand" : "on-stands");
        }
    }

    @Test
    void nothingIsRaisedOnWhatIsRotten() {
        assertThatThrownBy(() -> Raising.check(List.of("jacking point, front"), " "))
                .hasMessageContaining("Do not jack it or stand it on: jacking point, front");
        for (String one : List.of("the scissor jack", "axle, ", "x, y"))
            assertThatThrownBy(() -> Raising.check(List.of("sill"), one)).isInstanceOf(InvalidValue.class);
        Raising.check(List.of("jacking point, front"), "rear axle tube, both sides");
        Raising.check(List.of("jacking point, front"), "subframe left and right");
        Raising.check(List.of(), "");
    }

    @Test
    void aSlipInWhatIsAssumedIsNamed() {
        assertThatThrownBy(() -> WhileOpen.Assumptions.read(Entry.of(
                        "while-open.yaml",
                        new StringReader(
                                "horizon-years: 5\nput-off-comes-up: 1.6\nlook-minutes: 15\nlook-finds: 0.3"))))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("chances between 0 and 1");
    }
}
