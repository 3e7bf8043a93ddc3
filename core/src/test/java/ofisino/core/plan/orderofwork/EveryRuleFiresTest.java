package ofisino.core.plan.orderofwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.parts.consumable.Consumables;
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
import org.junit.jupiter.api.Test;

/** A rule of order that no two jobs of the recipes can come under orders nothing. */
class EveryRuleFiresTest {
    private static final Anatomy ANATOMY = Anatomy.load();
    private static final Recipes RECIPES = Recipes.load(ANATOMY, Consumables.load(), AccessLibrary.load());

    @Test
    void betweenJobsThatRecipesMake() {
        Set<Work<String>> all = new LinkedHashSet<>();
        for (Equipment vehicle : List.of(
                Vehicles.of(BodyStyle.ESTATE, 1969, "rear-suspension:leaf", "brakes-rear:drum", "brakes-front:drum"),
                Vehicles.of(BodyStyle.SALOON, 2008, "brakes-rear:disc"),
                Vehicles.of(BodyStyle.MOTORCYCLE, 1982, "cooling:water")))
            ANATOMY.of(vehicle).forEach(thing -> works(thing, vehicle).forEach(all::add));
        assertThat(OrderOfWorkRules.load().all())
                .filteredOn(rule -> all.stream()
                        .filter(rule.before()::fits)
                        .noneMatch(first -> all.stream().anyMatch(second -> rule.orders(first, second))))
                .extracting(OrderOfWorkRule::id)
                .isEmpty();
    }

    private static Stream<Work<String>> works(Component thing, Equipment vehicle) {
        return thing.places().stream()
                .flatMap(place -> thing.nature().kinds().stream()
                        .flatMap(kind -> RECIPES
                                .propose(
                                        new ToDo(
                                                kind,
                                                thing.system(),
                                                place,
                                                Optional.of(thing),
                                                thing.isSymptom() ? Decision.INVESTIGATE : Decision.REPLACE),
                                        vehicle)
                                .stream())
                        .flatMap(r -> Stream.concat(
                                r.steps().stream()
                                        .flatMap(s -> (s.operation() == Operation.CUT
                                                        ? Stream.of("-left", "-right")
                                                        : Stream.of("-left"))
                                                .map(side -> work(
                                                        r.id() + place + side,
                                                        s,
                                                        Optional.of(place + side),
                                                        Optional.of(thing.system())))),
                                r.then().stream().map(EveryRuleFiresTest::shared))));
    }

    private static Work<String> shared(SharedWork w) {
        return work(w.id(), w.step(), Optional.empty(), Optional.of(w.system()));
    }

    private static Work<String> work(
            String piece, Recipe.Step step, Optional<String> zone, Optional<VehicleSystem> system) {
        return new Work<>(
                piece + step.title(),
                step.operation(),
                step.details(),
                zone,
                system,
                Optional.of(piece),
                false,
                false,
                true);
    }
}
