package ofisino.core.plan;

import java.util.Optional;
import java.util.stream.Stream;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.plan.recipe.ToDo;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;

/** What is proposed for a thing that somebody named: to renew it, or to look into what the vehicle does. */
final class ThingRecipes {
    static final Anatomy ANATOMY = Anatomy.load();
    static final AccessLibrary ACCESS = AccessLibrary.load();
    static final Recipes RECIPES = Recipes.load(ANATOMY, Consumables.load(), ACCESS);

    private ThingRecipes() {}

    static Stream<Recipe> of(Equipment vehicle) {
        return ANATOMY.of(vehicle).stream()
                .flatMap(thing -> thing.nature().kinds().stream().map(kind -> of(thing, kind, vehicle)));
    }

    static Recipe of(Component thing, FindingKind kind, Equipment vehicle) {
        Decision decision = thing.isSymptom() ? Decision.INVESTIGATE : Decision.REPLACE;
        return RECIPES.propose(new ToDo(kind, thing.system(), placeOf(thing), Optional.of(thing), decision), vehicle)
                .orElseThrow(() -> new AssertionError("no recipe for %s %s".formatted(thing.id(), kind)));
    }

    static String placeOf(Component thing) {
        return thing.places().stream().sorted().findFirst().orElseThrow();
    }
}
