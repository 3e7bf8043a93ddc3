package ofisino.core.plan.recipe;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;

/**
 * A recipe, and what it is for.
 *
 * @param source     as it stands in its file
 * @param own        a garage's own: it never takes the place of what is locked
 * @param locked     nobody's own recipe takes its place: what may hurt somebody who does not know it
 * @param stepsApply on which vehicles each step of the recipe is done
 * @param standards  by step, for which standards of the vehicle it is done
 * @param onlyKnown  only where what it asks for is said or usual, or somebody named the thing: it orders parts that fit nothing else
 * @param places     empty: everywhere
 * @param things     ids of components that it is for; with places: for those, and at those places where nobody named a thing
 * @param natures    ids of natures of components that it is for
 * @param renews     by step, the components that it renews; {@code it} stands for the one that the finding is about
 */
record Rule(
        Map<String, Object> source,
        boolean own,
        boolean locked,
        Recipe recipe,
        Applies applies,
        boolean onlyKnown,
        List<Applies> stepsApply,
        List<Set<Aim>> standards,
        Set<FindingKind> kinds,
        Set<String> places,
        Set<String> things,
        Set<String> natures,
        List<List<String>> renews,
        Set<VehicleSystem> systems,
        Set<Decision> decisions) {
    /** Where lives hang on it, one's own recipe looks and renews: restraint is never mended. */
    private static final Set<Operation> ON_RESTRAINT = EnumSet.of(Operation.INSPECT, Operation.REPLACE);

    boolean fits(ToDo what, Equipment vehicle) {
        return kinds.contains(what.kind())
                && decisions.contains(what.decision())
                && systems.contains(what.system())
                && what.thing().map(this::isFor).orElseGet(() -> isForPlace(what.place()))
                && mayBeDoneFor(what)
                && (onlyKnown && what.thing().isEmpty() ? applies.usuallyTo(vehicle) : applies.to(vehicle));
    }

    /** One's own that stands for no other would take the place of them all. @throws InvalidValue when it is for anything */
    void mustSayForWhat() {
        if (places.isEmpty() && things.isEmpty() && natures.isEmpty())
            throw InvalidValue.of(
                    "recipe.anything",
                    "“%s” does not say what it is for.",
                    "Name things, natures or places in it.",
                    recipe.id());
    }

    /** What nobody knows the cause of is looked into, whoever wrote the recipe. */
    private boolean mayBeDoneFor(ToDo what) {
        boolean belts = own && what.system() == VehicleSystem.RESTRAINT;
        return recipe.steps().stream()
                .map(Recipe.Step::operation)
                .allMatch(o -> o.isOpenTo(what.kind()) && (!belts || ON_RESTRAINT.contains(o)));
    }

    /** In the place of another: what that one warns of, does to both sides of an axle and ends in holds for this one, too. */
    Rule standingFor(Rule other) {
        return new Rule(
                source,
                own,
                locked,
                new Recipe(
                        recipe.id(),
                        recipe.title(),
                        recipe.wholeAxle() || other.recipe.wholeAxle(),
                        recipe.steps(),
                        both(recipe.cautions(), other.recipe.cautions().stream()),
                        List.of(),
                        both(recipe.then(), other.recipe.then().stream())),
                applies,
                onlyKnown,
                stepsApply,
                standards,
                kinds,
                places,
                things,
                natures,
                renews,
                systems,
                decisions);
    }

    private static <T> List<T> both(List<T> some, Stream<T> more) {
        return Stream.concat(some.stream(), more).distinct().toList();
    }

    private boolean isFor(Component thing) {
        boolean anything = places.isEmpty() && things.isEmpty() && natures.isEmpty() && !thing.isSymptom();
        return anything
                || things.contains(thing.id())
                || natures.contains(thing.nature().id());
    }

    private boolean isForPlace(String place) {
        return places.isEmpty() ? things.isEmpty() && natures.isEmpty() : places.contains(place);
    }

    Recipe on(Equipment vehicle, ToDo what, Parts parts) {
        List<Recipe.Step> steps = IntStream.range(0, recipe.steps().size())
                .filter(i -> stepsApply.get(i).to(vehicle) && standards.get(i).contains(what.standard()))
                .mapToObj(i -> parts.step(recipe.steps().get(i), renews.get(i), what, vehicle))
                .toList();
        return new Recipe(
                recipe.id(),
                recipe.title(),
                recipe.wholeAxle(),
                steps,
                both(recipe.cautions(), what.thing().stream().flatMap(c -> c.hazards().stream())),
                List.of(),
                recipe.then());
    }
}
