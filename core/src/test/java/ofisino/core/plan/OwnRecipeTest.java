package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.recipe.OwnRecipe;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.ToDo;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;
import org.junit.jupiter.api.Test;

/** A garage's own recipes and hours: changed, copied, given to others as a file. */
class OwnRecipeTest {
    private static final Recipes SHIPPED = ThingRecipes.RECIPES;
    private static final Equipment SALOON = Vehicles.of(BodyStyle.SALOON, 1974);

    /** What was saved and read again proposes what it did before, whatever the recipe. */
    @Test
    void aFileOfAllRecipesChangesNothing() {
        List<OwnRecipe> all = SHIPPED.all().stream()
                .flatMap(r -> SHIPPED.source(r.id()).stream())
                .toList();
        assertThat(all).hasSizeGreaterThan(100);
        Recipes again = SHIPPED.with(OwnRecipe.read(OwnRecipe.write(all)));
        ThingRecipes.ANATOMY
                .of(SALOON)
                .forEach(thing -> thing.nature().kinds().forEach(kind -> {
                    ToDo what = new ToDo(
                            kind,
                            thing.system(),
                            ThingRecipes.placeOf(thing),
                            Optional.of(thing),
                            thing.isSymptom() ? Decision.INVESTIGATE : Decision.REPLACE);
                    if (thing.system() != VehicleSystem.RESTRAINT)
                        assertThat(again.propose(what, SALOON)).isEqualTo(SHIPPED.propose(what, SALOON));
                }));
    }

    @Test
    void otherHoursAndStepsStandInItsPlaceAndItsDangersStay() {
        OwnRecipe pipes = SHIPPED.source("brake-pipes").orElseThrow();
        OwnRecipe mine = pipes.with(
                "New pipes our way",
                List.of(
                        step(Optional.of(1), "Old pipes out, new ones in", Operation.ASSEMBLE, 300),
                        step(Optional.empty(), "Photographed", Operation.INSPECT, 10)));
        Recipe before = proposed(SHIPPED, "brake-pipes", FindingKind.LEAK);
        Recipe after = proposed(SHIPPED.with(List.of(mine)), "brake-pipes", FindingKind.LEAK);
        assertThat(after.title()).isEqualTo("New pipes our way: {zone}");
        assertThat(after.steps()).hasSize(2);
        assertThat(after.steps().get(0).effort().likelyMinutes()).isEqualTo(300);
        assertThat(after.steps().get(0).access())
                .as("what a person does not see of a step stays")
                .isEqualTo(before.steps().get(1).access());
        assertThat(after.cautions()).containsAll(before.cautions());
        assertThat(after.then()).as("it is still bled and tested").isEqualTo(before.then());
        assertThat(proposed(SHIPPED.with(List.of(mine)), "radiator", FindingKind.LEAK))
                .isEqualTo(proposed(SHIPPED, "radiator", FindingKind.LEAK));
    }

    /** Whoever writes a file without the dangers and the bleeding gets them all the same. */
    @Test
    void aFileCannotLeaveOutWhatMustBe() {
        String bold = """
            - id: brake-pipes
              title: "Quick pipes: {zone}"
              systems: [brakes]
              places: [brake-pipes]
              steps:
                - {title: "In with them: {zone}", operation: assemble, hours: [0.1, 0.2, 0.3]}
            """;
        Recipe r = proposed(SHIPPED.with(OwnRecipe.read(bold)), "brake-pipes", FindingKind.LEAK);
        Recipe before = proposed(SHIPPED, "brake-pipes", FindingKind.LEAK);
        assertThat(r.title()).isEqualTo("Quick pipes: {zone}");
        assertThat(r.cautions()).containsAll(before.cautions());
        assertThat(r.then()).containsAll(before.then());
    }

    /** Under a name of its own, and for a whole kind of things, it comes first: brakes are bled, tested and done on both sides all the same. */
    @Test
    void whatComesFirstKeepsWhatItComesBefore() {
        Recipes bold = SHIPPED.with(List.of(recipe("ours", "places: [front-brakes, brake-pipes]", "replace")));
        for (String place : List.of("brake-pipes", "front-brakes")) {
            Recipe before = proposed(SHIPPED, place, FindingKind.WORN);
            Recipe after = proposed(bold, place, FindingKind.WORN);
            assertThat(after.id()).isEqualTo("ours");
            assertThat(after.then()).containsAll(before.then());
            assertThat(after.wholeAxle()).isEqualTo(before.wholeAxle());
            assertThat(after.cautions()).containsAll(before.cautions());
        }
        assertThat(proposed(bold, "front-brakes", FindingKind.WORN).wholeAxle()).isTrue();
    }

    /** Of what the vehicle only does nobody knows the cause: whoever wrote the recipe, it is looked into. */
    @Test
    void whatIsOnlyLookedIntoStaysSo() {
        ToDo symptom = ToDo.at("brake-pipes", VehicleSystem.BRAKES, FindingKind.SYMPTOM, Decision.INVESTIGATE);
        String forIt = "kinds: [symptom]\n  decisions: [investigate]\n  places: [brake-pipes]";
        assertThat(SHIPPED.with(List.of(recipe("ours", forIt, "replace"))).propose(symptom, SALOON))
                .isEqualTo(SHIPPED.propose(symptom, SALOON));
        assertThat(SHIPPED.with(List.of(recipe("ours", forIt, "inspect"))).propose(symptom, SALOON))
                .map(Recipe::id)
                .contains("ours");
    }

    @Test
    void whatMayHurtIsLockedAndNothingStandsForEverything() {
        assertThat(SHIPPED.source("restraint")).isEmpty();
        assertThatThrownBy(() -> SHIPPED.with(List.of(recipe("belts", "places: [belts]", "weld"))))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("stays as it is");
        assertThatThrownBy(() -> SHIPPED.with(List.of(recipe("ours", "kinds: [leak]", "clean"))))
                .hasMessageContaining("does not say what it is for");
        Recipes bold = SHIPPED.with(List.of(recipe("ours", "places: [belts, airbags]", "weld")));
        assertThat(proposed(bold, "belts", FindingKind.WORN).steps())
                .extracting(Recipe.Step::operation)
                .doesNotContain(Operation.WELD);
        Recipes gas = SHIPPED.with(List.of(recipe("ours", "things: [gas-cylinder]", "clean")));
        assertThat(ThingRecipes.ANATOMY
                        .find("gas-cylinder")
                        .map(thing -> gas.propose(
                                        new ToDo(
                                                FindingKind.LEAK,
                                                thing.system(),
                                                ThingRecipes.placeOf(thing),
                                                Optional.of(thing),
                                                Decision.REPAIR),
                                        SALOON)
                                .map(Recipe::id)
                                .orElse("none")))
                .contains("licensed-work");
    }

    @Test
    void aCopyIsForItsOwnThing() {
        var thing = ThingRecipes.ANATOMY.require("brake-hose-front");
        OwnRecipe copy = SHIPPED.source("radiator").orElseThrow().copied("own-1", "Hoses our way", thing);
        Recipes own = SHIPPED.with(List.of(copy));
        assertThat(own.propose(
                                new ToDo(
                                        FindingKind.LEAK,
                                        thing.system(),
                                        "front-brakes",
                                        Optional.of(thing),
                                        Decision.REPLACE),
                                SALOON)
                        .map(Recipe::id))
                .contains("own-1");
        assertThat(proposed(own, "radiator", FindingKind.LEAK).id()).isEqualTo("radiator");
    }

    @Test
    void aSlipInAFileIsNamed() {
        assertThatThrownBy(() -> SHIPPED.with(OwnRecipe.read("- {id: ours, places: [sill], steps: []}")))
                .hasMessageContaining("ours")
                .hasMessageContaining("title");
        assertThatThrownBy(() -> SHIPPED.with(List.of(recipe("ours", "places: [sill]", "polish"))))
                .as("the wrong word and the allowed ones")
                .hasMessageContaining("polish")
                .hasMessageContaining("weld");
        assertThatThrownBy(() -> OwnRecipe.read("- {id: ours")).isInstanceOf(InvalidValue.class);
        String one = OwnRecipe.write(List.of(recipe("ours", "places: [sill]", "weld")));
        assertThatThrownBy(() -> OwnRecipe.read(one + one)).hasMessageContaining("twice");
        assertThatThrownBy(() -> OwnRecipe.read("hello")).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> SHIPPED.source("radiator").orElseThrow().with("Nothing", List.of()))
                .isInstanceOf(InvalidValue.class);
    }

    private static OwnRecipe recipe(String id, String forWhat, String operation) {
        return OwnRecipe.read("""
            - id: %s
              title: "Ours: {zone}"
              %s
              steps:
                - {title: "Done our way: {zone}", operation: %s, hours: [1, 2, 3]}
            """.formatted(id, forWhat, operation)).get(0);
    }

    private static OwnRecipe.Step step(Optional<Integer> from, String title, Operation operation, int minutes) {
        return new OwnRecipe.Step(from, title, operation, new Effort(minutes, minutes, minutes), 1, 0, List.of());
    }

    private static Recipe proposed(Recipes recipes, String place, FindingKind kind) {
        VehicleSystem system = switch (place) {
            case "brake-pipes", "front-brakes" -> VehicleSystem.BRAKES;
            case "belts" -> VehicleSystem.RESTRAINT;
            default -> VehicleSystem.COOLING;
        };
        return recipes.propose(ToDo.at(place, system, kind, Decision.REPLACE), SALOON)
                .orElseThrow();
    }
}
