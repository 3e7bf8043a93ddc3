package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Percentage.withPercentage;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.SharedWork;
import ofisino.core.plan.recipe.ToDo;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;
import org.junit.jupiter.api.Test;

/** What the recipes make of things that somebody named. Common practice, no source. */
class NamedThingRecipesTest {
    private static final Anatomy ANATOMY = ThingRecipes.ANATOMY;
    private static final AccessLibrary ACCESS = ThingRecipes.ACCESS;
    private static final Recipes RECIPES = ThingRecipes.RECIPES;
    private static final Equipment SALOON = Vehicles.of(BodyStyle.SALOON, 1974);
    private static final Equipment RECENT = Vehicles.of(BodyStyle.ESTATE, 2008, "brakes-rear:disc");
    private static final Equipment LEAVES =
            Vehicles.of(BodyStyle.ESTATE, 1969, "rear-suspension:leaf", "brakes-rear:drum", "brakes-front:drum");
    private static final Equipment MOTORCYCLE = Vehicles.of(BodyStyle.MOTORCYCLE, 1982, "cooling:water");

    /** What a thing lies behind, and what shared work follows, are accesses of some vehicle. */
    @Test
    void namesAccessesThatThereAre() {
        Set<String> known = new HashSet<>();
        Vehicles.makes(1935, 1974, 2008)
                .forEach(make -> ACCESS.of(Vehicles.of(make)).all().forEach(a -> known.add(a.id())));
        for (Component thing : ANATOMY.all())
            thing.behind().ifPresent(behind -> assertThat(known).as(thing.id()).containsAll(behind));
        assertThat(known).containsAll(RECIPES.followed());
    }

    /** The same of each thing that somebody may name: whoever drains a circuit fills it, and a thing that holds brake pressure opens it. */
    @Test
    void whatANamedThingOpensIsProved() {
        Map<String, String> proof = Map.of(
                "brake-circuit-open", "brake-bleed",
                "clutch-circuit-open", "clutch-bleed",
                "coolant-drained", "coolant-test",
                "fuel-drained", "fuel-leak-test",
                "fuel-pressure-released", "fuel-leak-test",
                "front-suspension-out", "tracking");
        for (Equipment vehicle : List.of(SALOON, RECENT, LEAVES, MOTORCYCLE))
            for (Component thing : ANATOMY.of(vehicle))
                for (FindingKind kind : thing.nature().kinds()) {
                    Recipe r = ThingRecipes.of(thing, kind, vehicle);
                    Set<String> opened = opened(r, thing, vehicle);
                    List<String> then = r.then().stream().map(SharedWork::id).toList();
                    proof.forEach((access, work) -> {
                        if (opened.contains(access))
                            assertThat(then)
                                    .as("%s %s opens %s", thing.id(), kind, access)
                                    .contains(work);
                    });
                    boolean hydraulic = thing.system() == VehicleSystem.BRAKES
                            && Set.of("hydraulic", "hose", "pipe")
                                    .contains(thing.nature().id())
                            && !thing.id().equals("servo-hose");
                    if (hydraulic)
                        assertThat(then).as("%s %s", thing.id(), kind).contains("brake-bleed", "brake-test");
                }
    }

    /** Nobody takes the head off to look through a plug hole, or drains anything to hear a knock. */
    @Test
    void aLookOpensNothingThatItDoesNotNeed() {
        for (Equipment vehicle : List.of(SALOON, RECENT, LEAVES, MOTORCYCLE))
            for (Component thing : ANATOMY.of(vehicle))
                if (thing.isSymptom())
                    assertThat(opened(ThingRecipes.of(thing, FindingKind.SYMPTOM, vehicle), thing, vehicle))
                            .as(thing.id())
                            .isEmpty();
        for (FindingKind kind : List.of(FindingKind.SEIZED, FindingKind.LEAK)) {
            Recipe engine = RECIPES.propose(
                            ToDo.at("engine-block", VehicleSystem.ENGINE, kind, Decision.REPAIR), SALOON)
                    .orElseThrow();
            for (Recipe.Step step : engine.steps())
                assertThat(ACCESS.needed(SALOON, "engine-block", step.operation(), step.access()))
                        .as(step.title())
                        .isEmpty();
        }
    }

    private static Set<String> opened(Recipe r, Component thing, Equipment vehicle) {
        Set<String> opened = new HashSet<>();
        for (Recipe.Step step : r.steps())
            opened.addAll(ACCESS.of(vehicle)
                    .closure(ACCESS.needed(vehicle, ThingRecipes.placeOf(thing), step.operation(), step.access())));
        return opened;
    }

    /** What is dangerous of itself says so before the first step, and is not opened at home where that takes a licence. */
    @Test
    void aThingBringsItsOwnDangers() {
        for (Equipment vehicle : List.of(SALOON, RECENT, LEAVES, MOTORCYCLE))
            for (Component thing : ANATOMY.of(vehicle))
                assertThat(ThingRecipes.of(
                                        thing, thing.nature().kinds().iterator().next(), vehicle)
                                .cautions())
                        .as(thing.id())
                        .containsAll(thing.hazards());
        for (String licensed : List.of("gas-cylinder", "air-conditioning-parts"))
            for (FindingKind kind : ANATOMY.require(licensed).nature().kinds())
                assertThat(ThingRecipes.of(ANATOMY.require(licensed), kind, RECENT)
                                .id())
                        .isEqualTo("licensed-work");
        assertThat(Operation.INSPECT.isOpenTo(FindingKind.SYMPTOM)).isTrue();
        assertThat(Operation.REPLACE.isOpenTo(FindingKind.SYMPTOM)).isFalse();
        assertThat(Operation.REPLACE.isOpenTo(FindingKind.DOUBT)).isTrue();
    }

    /** The hours of each recipe against {@code hours.txt}, which was written from the trade's own table and not from the recipes. */
    @Test
    void hoursAreThoseOfTheTrade() throws IOException {
        Map<String, Recipe> byId = RECIPES.all().stream().collect(Collectors.toMap(Recipe::id, r -> r));
        try (InputStream in = RecipesTest.class.getResourceAsStream("hours.txt")) {
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.startsWith("#") && !l.isBlank())
                    .toList()) {
                String[] parts = line.strip().split("\\s+");
                Recipe recipe = byId.get(parts[0]);
                assertThat(recipe).as(parts[0]).isNotNull();
                assertThat(hours(recipe, Effort::optimisticMinutes))
                        .as(line)
                        .isCloseTo(Double.parseDouble(parts[1]), withPercentage(30));
                assertThat(hours(recipe, Effort::likelyMinutes))
                        .as(line)
                        .isCloseTo(Double.parseDouble(parts[2]), withPercentage(15));
                assertThat(hours(recipe, Effort::pessimisticMinutes))
                        .as(line)
                        .isCloseTo(Double.parseDouble(parts[3]), withPercentage(30));
            }
        }
    }

    private static double hours(Recipe recipe, ToIntFunction<Effort> which) {
        return recipe.steps().stream()
                        .mapToInt(s -> which.applyAsInt(s.effort()))
                        .sum()
                / 60.0;
    }
}
