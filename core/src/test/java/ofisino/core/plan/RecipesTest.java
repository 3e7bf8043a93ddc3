package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.AccessGraph;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.SharedWork;
import ofisino.core.plan.recipe.ToDo;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;
import org.junit.jupiter.api.Test;

class RecipesTest {
    private static final Equipment SALOON = Vehicles.of(BodyStyle.SALOON, 1974);
    private static final Equipment VETERAN = Vehicles.of(BodyStyle.SALOON, 1932, "brakes-front:rod", "cooling:water");
    private static final Equipment RECENT = Vehicles.of(BodyStyle.ESTATE, 2008, "brakes-rear:disc");

    private static final Equipment LEAVES =
            Vehicles.of(BodyStyle.ESTATE, 1969, "rear-suspension:leaf", "brakes-rear:drum", "brakes-front:drum");
    /** From between the times, when nobody knows how its screens are held. */
    private static final Equipment BETWEEN = Vehicles.of(BodyStyle.HATCHBACK, 1987);

    private static final Equipment MOTORCYCLE = Vehicles.of(BodyStyle.MOTORCYCLE, 1982, "cooling:water");

    private static final AccessLibrary ACCESS = ThingRecipes.ACCESS;
    private static final Recipes RECIPES = ThingRecipes.RECIPES;

    private static final Bodies BODIES = Bodies.load();

    /** What it has not is not done: rods are not bled, an air-cooled engine is not filled, a car without airbags has no codes of them. */
    @Test
    void recipesFollowWhatTheVehicleHas() {
        assertThat(then(FindingKind.LEAK, VehicleSystem.BRAKES, "front-brakes", VETERAN))
                .contains("rods-and-cables")
                .doesNotContain("brake-bleed");
        assertThat(then(FindingKind.LEAK, VehicleSystem.BRAKES, "front-brakes", SALOON))
                .contains("brake-bleed");
        assertThat(then(
                        FindingKind.LEAK,
                        VehicleSystem.BRAKES,
                        "front-brakes",
                        Vehicles.of(BodyStyle.MOTORCYCLE, 1968)))
                .as("rods are only guessed: a guess takes no bleeding away")
                .contains("brake-bleed", "rods-and-cables");
        for (int year : new int[] {1965, 1974})
            assertThat(then(
                            FindingKind.LEAK,
                            VehicleSystem.BRAKES,
                            "front-brakes",
                            Vehicles.of(BodyStyle.SALOON, year)))
                    .doesNotContain("rods-and-cables");
        assertThat(then(FindingKind.LEAK, VehicleSystem.COOLING, "radiator", SALOON))
                .containsExactly("coolant-test");
        assertThat(then(
                        FindingKind.LEAK,
                        VehicleSystem.COOLING,
                        "radiator",
                        Vehicles.of(BodyStyle.SALOON, 1962, "cooling:air")))
                .isEmpty();
        assertThat(firstOf(FindingKind.DOUBT, VehicleSystem.RESTRAINT, Decision.INVESTIGATE, VETERAN))
                .doesNotContain("codes");
        assertThat(firstOf(FindingKind.DOUBT, VehicleSystem.RESTRAINT, Decision.INVESTIGATE, RECENT))
                .contains("codes");
    }

    private static String firstOf(FindingKind kind, VehicleSystem system, Decision decision, Equipment vehicle) {
        return proposed(kind, system, "belts", decision, vehicle).steps().get(0).title();
    }

    private static List<String> then(FindingKind kind, VehicleSystem system, String place, Equipment vehicle) {
        return proposed(kind, system, place, Decision.REPAIR, vehicle).then().stream()
                .map(SharedWork::id)
                .toList();
    }

    private static Recipe proposed(
            FindingKind kind, VehicleSystem system, String place, Decision decision, Equipment vehicle) {
        return RECIPES.propose(ToDo.at(place, system, kind, decision), vehicle).orElseThrow();
    }

    @Test
    void everyRepairHasARecipeAndEveryRecipeIsUsed() {
        Set<String> used = new HashSet<>();
        Set<String> usedTogether = new HashSet<>();
        for (Equipment vehicle : List.of(SALOON, VETERAN, BETWEEN, RECENT, LEAVES, MOTORCYCLE))
            for (Zone zone : zonesOf(vehicle))
                for (FindingKind kind : FindingKind.values())
                    for (Decision decision : Decision.values()) {
                        var recipe = RECIPES.propose(ToDo.at(zone.place(), zone.system(), kind, decision), vehicle);
                        assertThat(recipe.isPresent())
                                .as("%s %s %s", kind, zone.id(), decision)
                                .isEqualTo(
                                        kind == FindingKind.SYMPTOM
                                                ? decision == Decision.INVESTIGATE
                                                : decision.leadsToJobs());
                        recipe.map(Recipe::id).ifPresent(used::add);
                        recipe.ifPresent(r -> Stream.concat(r.first().stream(), r.then().stream())
                                .forEach(w -> usedTogether.add(w.id())));
                    }
        for (Equipment vehicle : List.of(SALOON, VETERAN, BETWEEN, RECENT, LEAVES, MOTORCYCLE))
            ThingRecipes.of(vehicle).forEach(r -> {
                used.add(r.id());
                r.then().forEach(w -> usedTogether.add(w.id()));
            });
        assertThat(RECIPES.all())
                .extracting(Recipe::id)
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(used);
        assertThat(RECIPES.sharedWork()).extracting(SharedWork::id).containsExactlyInAnyOrderElementsOf(usedTogether);
    }

    /** Shared work follows its file, so that no two recipes wait for each other's. */
    @Test
    void sharedWorkComesInOneOrder() {
        List<String> order = RECIPES.sharedWork().stream().map(SharedWork::id).toList();
        for (Recipe r : RECIPES.all())
            assertThat(r.then().stream().map(w -> order.indexOf(w.id())).toList())
                    .as(r.id())
                    .isSorted()
                    .doesNotHaveDuplicates();
    }

    /** What a recipe names is there: its places on some body, what it leaves closed on some vehicle. */
    @Test
    void namesWhatThereIs() {
        Set<String> places = new HashSet<>();
        for (BodyStyle style : BodyStyle.values())
            for (Zone zone : BODIES.of(style).zones()) places.add(zone.place());
        assertThat(RECIPES.places()).isSubsetOf(places);
        for (Recipe r : RECIPES.all())
            for (Recipe.Step step : r.steps())
                for (String access : Stream.of(
                                step.access().opens(), step.access().leavesClosed())
                        .flatMap(Set::stream)
                        .toList())
                    assertThat(Stream.concat(
                                    Stream.of(RECENT),
                                    Vehicles.makes(1974).stream().map(make -> Vehicles.of(make))))
                            .as("%s: %s", r.id(), access)
                            .anyMatch(v -> ACCESS.of(v).has(access));
    }

    /** Common practice, no source: pads and shoes come without opening the circuit, so nothing is bled for them. */
    @Test
    void padsAndShoesLeaveTheCircuitClosed() {
        Equipment discs = Vehicles.of(BodyStyle.SALOON, 1974, "brakes-front:disc", "brakes-rear:drum");
        for (String place : List.of("front-brakes", "rear-brakes")) {
            Recipe worn = proposed(FindingKind.WORN, VehicleSystem.BRAKES, place, Decision.REPLACE, discs);
            assertThat(worn.then()).extracting(SharedWork::id).containsExactly("brake-test");
            for (Recipe.Step step : worn.steps())
                assertThat(ACCESS.needed(discs, place, step.operation(), step.access()))
                        .as("%s %s", place, step.operation())
                        .isNotEmpty()
                        .doesNotContain("brake-circuit-open");
        }
    }

    /** Whatever opens a circuit is closed by its bleeding, filling or test; what leaves it closed asks for none. Nothing comes off before it is opened. */
    @Test
    void whatIsOpenedIsProvedAndNothingElse() {
        for (Equipment vehicle : List.of(SALOON, VETERAN, RECENT, LEAVES))
            for (Zone zone : zonesOf(vehicle))
                for (FindingKind kind : EnumSet.complementOf(EnumSet.of(FindingKind.SYMPTOM))) {
                    Recipe r = proposed(kind, zone.system(), zone.place(), Decision.REPLACE, vehicle);
                    Set<String> opened = new HashSet<>();
                    for (Recipe.Step step : r.steps())
                        opened.addAll(ACCESS.of(vehicle)
                                .closure(ACCESS.needed(vehicle, zone.id(), step.operation(), step.access())));
                    List<String> then = r.then().stream().map(SharedWork::id).toList();
                    if (zone.system() == VehicleSystem.BRAKES)
                        assertThat(then.contains("brake-bleed"))
                                .as("%s at %s", r.id(), zone.id())
                                .isEqualTo(opened.contains("brake-circuit-open"));
                    if (zone.system() == VehicleSystem.COOLING && opened.contains("coolant-drained"))
                        assertThat(then).as("%s at %s", r.id(), zone.id()).contains("coolant-test");
                    if (zone.system() == VehicleSystem.FUEL && opened.contains("fuel-drained"))
                        assertThat(then).as("%s at %s", r.id(), zone.id()).contains("fuel-leak-test");
                }
        assertThat(proposed(FindingKind.LEAK, VehicleSystem.BRAKES, "brake-master", Decision.REPLACE, LEAVES)
                        .steps())
                .as("a cylinder comes off an open circuit, its pedal is set when that is closed")
                .filteredOn(step -> step.operation() != Operation.ADJUST)
                .hasSize(2)
                .allSatisfy(step -> assertThat(ACCESS.needed(LEAVES, "brake-master", step.operation(), step.access()))
                        .contains("brake-circuit-open"));
        assertThat(proposed(FindingKind.WORN, VehicleSystem.BRAKES, "rear-brakes", Decision.REPLACE, LEAVES)
                        .steps()
                        .get(0))
                .as("shoes come off behind a drum that is off")
                .satisfies(step -> assertThat(ACCESS.needed(LEAVES, "rear-brakes", step.operation(), step.access()))
                        .contains("rear-drums-off"));
    }

    private static List<Zone> zonesOf(Equipment vehicle) {
        return BODIES.of(vehicle.make().body(), vehicle.make().layout())
                .drawing(vehicle)
                .zones();
    }

    /** Pads are not ordered for a car of which nobody knows whether it has drums: the brakes are stripped and looked at first. */
    @Test
    void partsThatFitNothingElseAreOnlyForWhatIsKnown() {
        Equipment unknown = Vehicles.of(BodyStyle.ESTATE, 1969);
        assertThat(proposed(FindingKind.WORN, VehicleSystem.BRAKES, "front-brakes", Decision.REPAIR, unknown))
                .satisfies(r -> {
                    assertThat(r.id()).isEqualTo("brakes-renew");
                    assertThat(r.steps().get(0).operation()).isEqualTo(Operation.STRIP);
                });
    }

    /** A lamp is not proved with the battery off: what is measured or tried under load needs power, and no plan puts it where there is none. */
    @Test
    void electricsAreProvedWithPowerOn() {
        Recipe electrical =
                proposed(FindingKind.DEAD_ELECTRICAL, VehicleSystem.ELECTRICAL, "wiring", Decision.REPAIR, SALOON);
        assertThat(electrical.steps())
                .filteredOn(step -> step.operation() == Operation.TEST)
                .hasSize(2)
                .allSatisfy(step -> assertThat(CarState.of(
                                new JobNature(step.operation(), Optional.of(VehicleSystem.ELECTRICAL), step.details())))
                        .contains(CarState.POWERED));
        assertThat(electrical.steps())
                .filteredOn(step -> step.operation() == Operation.WIRE)
                .allSatisfy(step -> assertThat(step.details()).doesNotContain(Detail.NEEDS_POWER));
    }

    /** A tank shows its leaks when it is on and full, a radiator when the circuit is closed: neither is tried where it is drained. */
    @Test
    void leaksAreLookedForWhereThereIsSomethingToLeak() {
        assertThat(lastOf(VehicleSystem.FUEL, "fuel-tank")).contains(CarState.FUEL_IN);
        assertThat(lastOf(VehicleSystem.COOLING, "radiator")).contains(CarState.COOLANT_IN);
        AccessGraph accesses = ACCESS.of(SALOON);
        assertThat(accesses.require("fuel-drained").excludes()).contains(CarState.FUEL_IN);
        assertThat(accesses.closure("tank-off")).contains("fuel-drained");
        assertThat(accesses.require("coolant-drained").excludes()).contains(CarState.COOLANT_IN);
        assertThat(ACCESS.usual(SALOON, "fuel-tank", Operation.FILL)).isEmpty();
    }

    /** Its own steps, then what it ends in. */
    private static List<Recipe.Step> whole(Recipe recipe) {
        return Stream.concat(recipe.steps().stream(), recipe.then().stream().map(SharedWork::step))
                .toList();
    }

    private Set<CarState> lastOf(VehicleSystem system, String place) {
        List<Recipe.Step> steps = whole(proposed(FindingKind.LEAK, system, place, Decision.REPAIR, SALOON));
        Recipe.Step last = steps.get(steps.size() - 1);
        return CarState.of(new JobNature(last.operation(), Optional.of(system), last.details()));
    }

    /** Common practice, no source: the order in which rust is cut out, and brakes end in bleeding and a test. */
    @Test
    void theChainsFollowTheOrderOfTheTrade() {
        Recipe sill = proposed(FindingKind.RUST_THROUGH, VehicleSystem.STRUCTURE, "sill", Decision.REPAIR, SALOON);
        assertThat(whole(sill))
                .extracting(Recipe.Step::operation)
                .containsExactly(
                        Operation.CLEAN,
                        Operation.INSPECT,
                        Operation.CUT,
                        Operation.FABRICATE,
                        Operation.WELD,
                        Operation.DRY_FIT,
                        Operation.WELD,
                        Operation.PRIME,
                        Operation.COAT,
                        Operation.PAINT,
                        Operation.FILL,
                        Operation.COAT);
        assertThat(sill.first())
                .extracting(SharedWork::id)
                .as("the fuel is out first")
                .containsExactly("fuel-out");
        assertThat(proposed(FindingKind.LEAK, VehicleSystem.BRAKES, "rear-brakes", Decision.REPLACE, SALOON))
                .satisfies(r -> {
                    assertThat(whole(r)).extracting(Recipe.Step::operation).endsWith(Operation.BLEED, Operation.TEST);
                    assertThat(r.cautions()).contains(Caution.BRAKES, Caution.STANDS);
                });
        assertThat(proposed(FindingKind.LEAK, VehicleSystem.FUEL, "fuel-tank", Decision.REPAIR, SALOON)
                        .cautions())
                .contains(Caution.FUEL);
    }

    /** Whatever is wrong with a belt, a seat or an airbag, and whatever was decided: no weld, cut, paint, wax, clean-up or test by hand. */
    @Test
    void restraintIsOnlyLookedAtOrRenewed() {
        for (FindingKind kind : FindingKind.values())
            for (Decision decision : Decision.values())
                RECIPES.propose(ToDo.at("belts", VehicleSystem.RESTRAINT, kind, decision), SALOON)
                        .filter(r -> decision != Decision.TEMPORARY)
                        .ifPresent(r -> assertThat(r.steps())
                                .as("%s %s", kind, decision)
                                .extracting(Recipe.Step::operation)
                                .containsAnyOf(Operation.INSPECT, Operation.REPLACE)
                                .isSubsetOf(Operation.INSPECT, Operation.REPLACE));
    }

    /** Common practice, no source: bled before it is tested; the clutch has nothing to do with that. */
    @Test
    void whatIsOfOneMatterIsDoneInItsOrder() {
        Recipe pedals = RECIPES.all().stream()
                .filter(r -> r.then().stream()
                        .map(SharedWork::id)
                        .toList()
                        .equals(List.of("brake-bleed", "clutch-bleed", "brake-test")))
                .findFirst()
                .orElseThrow();
        assertThat(pedals.then().stream()
                        .map(w -> pedals.directlyBefore(w).map(SharedWork::id).orElse("own steps")))
                .containsExactly("own steps", "own steps", "brake-bleed");
    }
}
