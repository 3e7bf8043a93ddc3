package ofisino.core.plan.recipe;

import java.io.Reader;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.access.Departure;
import ofisino.core.plan.job.Conditions;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.ToHand;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;

/**
 * The recipes that ship with Ofisino, from {@code recipes.yaml}, {@code shared-work.yaml} and {@code stuck-ladder.yaml} beside this class.
 * The first entry that contains the finding's kind, place, system and decision is the one proposed; the file goes from special to general.
 */
public final class Recipes {
    /**
     * @param before operations: whatever has one of them waits for it
     * @param after  accesses, or work that is done first: whatever opens one of them ends in it
     */
    private record Shared(SharedWork work, Applies applies, Set<Operation> before, Set<String> after) {}

    /**
     * @param stepsApply on which vehicles each step of the recipe is done
     * @param onlyKnown  only where what it asks for is said or usual, or somebody named the thing: it orders parts that fit nothing else
     * @param places     empty: everywhere
     * @param things     ids of components that it is for; with places: for those, and at those places where nobody named a thing
     * @param natures    ids of natures of components that it is for
     * @param renews     by step, the components that it renews; {@code it} stands for the one that the finding is about
     */
    private record Rule(
            Recipe recipe,
            Applies applies,
            boolean onlyKnown,
            List<Applies> stepsApply,
            Set<FindingKind> kinds,
            Set<String> places,
            Set<String> things,
            Set<String> natures,
            List<List<String>> renews,
            Set<VehicleSystem> systems,
            Set<Decision> decisions) {
        boolean fits(ToDo what, Equipment vehicle) {
            return kinds.contains(what.kind())
                    && what.thing().map(this::isFor).orElseGet(() -> isForPlace(what.place()))
                    && systems.contains(what.system())
                    && decisions.contains(what.decision())
                    && (onlyKnown && what.thing().isEmpty() ? applies.usuallyTo(vehicle) : applies.to(vehicle));
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
                    .filter(i -> stepsApply.get(i).to(vehicle))
                    .mapToObj(i -> parts.step(recipe.steps().get(i), renews.get(i), what, vehicle))
                    .toList();
            return new Recipe(
                    recipe.id(),
                    recipe.title(),
                    recipe.wholeAxle(),
                    steps,
                    Stream.concat(
                                    recipe.cautions().stream(),
                                    what.thing().stream().flatMap(c -> c.hazards().stream()))
                            .distinct()
                            .toList(),
                    List.of(),
                    recipe.then());
        }
    }

    private final List<Rule> rules;
    private final Map<String, Shared> shared;
    private final List<Rung> ladder;
    private final Parts parts;
    private final AccessLibrary accesses;

    private Recipes(
            List<Rule> rules, Map<String, Shared> shared, List<Rung> ladder, Parts parts, AccessLibrary accesses) {
        this.ladder = List.copyOf(ladder);
        this.parts = parts;
        this.accesses = accesses;
        this.rules = List.copyOf(rules);
        this.shared = new LinkedHashMap<>(shared);
    }

    /** Reads recipes.yaml and shared-work.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Recipes load(Anatomy anatomy, Consumables consumables, AccessLibrary accesses) {
        Parts parts = new Parts(anatomy, consumables);
        return Entry.readBeside(
                Recipes.class,
                "shared-work.yaml",
                works -> Entry.readBeside(
                        Recipes.class, "recipes.yaml", recipes -> read(works, recipes, parts, accesses)));
    }

    /** @throws InvalidValue when a file is malformed, naming what is wrong */
    private static Recipes read(Reader sharedWork, Reader recipes, Parts parts, AccessLibrary accesses) {
        Map<String, Shared> shared = Entry.listOf("the shared work", sharedWork).stream()
                .map(e -> shared(e.named("id"), parts))
                .collect(Collectors.toMap(s -> s.work().id(), Function.identity(), (a, b) -> a, LinkedHashMap::new));
        return new Recipes(
                Entry.listOf("the recipes", recipes).stream()
                        .map(e -> entry(e.named("id"), shared, parts))
                        .toList(),
                shared,
                Entry.readBeside(Recipes.class, "stuck-ladder.yaml", yaml -> ladder(yaml, parts)),
                parts,
                accesses);
    }

    /** The chain proposed for a finding of a vehicle; empty where the decision leads to no work or no recipe fits. */
    public Optional<Recipe> propose(ToDo what, Equipment vehicle) {
        return rules.stream()
                .filter(e -> e.fits(what, vehicle))
                .map(e -> e.on(vehicle, what, parts))
                .findFirst()
                .map(r -> r.between(sharedBefore(r, vehicle), sharedAfter(r, what, vehicle)));
    }

    private List<SharedWork> sharedBefore(Recipe recipe, Equipment vehicle) {
        return shared.values().stream()
                .filter(s -> s.applies().to(vehicle)
                        && recipe.steps().stream().anyMatch(step -> s.before().contains(step.operation())))
                .map(Shared::work)
                .toList();
    }

    /** What the recipe names, and what follows from that it opens: a circuit that ran empty is filled, whoever drained it. */
    private List<SharedWork> sharedAfter(Recipe recipe, ToDo what, Equipment vehicle) {
        Set<String> opened = recipe.steps().stream()
                .flatMap(s -> accesses.needed(vehicle, what.place(), s.operation(), s.access()).stream())
                .flatMap(a -> accesses.of(vehicle).closure(a).stream())
                .collect(Collectors.toSet());
        sharedBefore(recipe, vehicle).forEach(w -> opened.add(w.id()));
        return shared.values().stream()
                .filter(s -> s.applies().to(vehicle))
                .filter(s -> recipe.then().contains(s.work()) || !Collections.disjoint(s.after(), opened))
                .map(Shared::work)
                .toList();
    }

    /** All recipes in the order of the file. */
    public List<Recipe> all() {
        return rules.stream().map(Rule::recipe).toList();
    }

    /** All places that some recipe names. */
    public Set<String> places() {
        return rules.stream().flatMap(r -> r.places().stream()).collect(Collectors.toUnmodifiableSet());
    }

    /** Accesses that some shared work follows. */
    public Set<String> followed() {
        return shared.values().stream()
                .flatMap(s -> s.after().stream())
                .filter(a -> !shared.containsKey(a))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Shared work that other work waits for. */
    public List<SharedWork> preparation() {
        return shared.values().stream()
                .filter(s -> !s.before().isEmpty())
                .map(Shared::work)
                .toList();
    }

    /** All shared work in the order of its file. */
    public List<SharedWork> sharedWork() {
        return shared.values().stream().map(Shared::work).toList();
    }

    /** The usual dangers of what came from a recipe, or is shared work, of that id; none where nobody knows it any more. */
    public List<Caution> cautions(String id) {
        return Stream.of(
                        rules.stream()
                                .map(Rule::recipe)
                                .filter(r -> r.id().equals(id))
                                .map(Recipe::cautions),
                        ladder.stream().filter(r -> r.id().equals(id)).map(Rung::cautions),
                        Optional.ofNullable(shared.get(id)).stream()
                                .map(s -> s.work().cautions()))
                .flatMap(Function.identity())
                .flatMap(List::stream)
                .toList();
    }

    /** What is tried one after the other on what will not come loose. */
    public List<Rung> ladder() {
        return ladder;
    }

    private static List<Rung> ladder(Reader yaml, Parts parts) {
        return Entry.listOf("the rungs", yaml).stream()
                .map(e -> rung(e.named("id"), parts))
                .toList();
    }

    private static Rung rung(Entry e, Parts parts) {
        e.only("id", "title", "operation", "hours", "details", "uses", "needs", "wait", "cautions", "tools");
        return new Rung(
                e.text("id"),
                step(e, Departure.NONE, parts),
                List.copyOf(e.choices("cautions", Caution.class, Set.of())));
    }

    private static Shared shared(Entry e, Parts parts) {
        e.only(Applies.keys(
                "id",
                "title",
                "system",
                "operation",
                "hours",
                "details",
                "uses",
                "needs",
                "cautions",
                "before",
                "after",
                "people",
                "tools"));
        return new Shared(
                new SharedWork(
                        e.text("id"),
                        e.choice("system", VehicleSystem.class),
                        step(e, Departure.NONE, parts),
                        List.copyOf(e.choices("cautions", Caution.class, Set.of()))),
                Applies.of(e),
                e.choices("before", Operation.class, Set.of()),
                Set.copyOf(e.texts("after")));
    }

    private static Rule entry(Entry entry, Map<String, Shared> shared, Parts parts) {
        entry.only(Applies.keys(
                "id",
                "title",
                "kinds",
                "places",
                "things",
                "natures",
                "axle",
                "systems",
                "decisions",
                "leaves-closed",
                "only-known",
                "cautions",
                "then",
                "steps"));
        List<Shared> then = entry.among("then", shared);
        var recipe = new Recipe(
                entry.text("id"),
                entry.text("title"),
                entry.has("axle"),
                entry.list("steps").stream()
                        .map(e -> step(e, entry.texts("leaves-closed"), parts))
                        .toList(),
                List.copyOf(entry.choices("cautions", Caution.class, Set.of())),
                List.of(),
                then.stream().map(Shared::work).toList());
        return new Rule(
                recipe,
                Applies.of(entry),
                entry.has("only-known"),
                entry.list("steps").stream().map(Applies::of).toList(),
                entry.choices("kinds", FindingKind.class, EnumSet.complementOf(EnumSet.of(FindingKind.SYMPTOM))),
                Set.copyOf(entry.texts("places")),
                Set.copyOf(parts.known(entry.texts("things"), entry)),
                Set.copyOf(parts.natures(entry)),
                entry.list("steps").stream()
                        .map(e -> parts.known(e.texts("renews"), e))
                        .toList(),
                entry.choices("systems", VehicleSystem.class, EnumSet.allOf(VehicleSystem.class)),
                entry.choices("decisions", Decision.class, EnumSet.of(Decision.REPAIR, Decision.REPLACE)));
    }

    private static Recipe.Step step(Entry step, List<String> leavesClosed, Parts parts) {
        step.only(Applies.keys(
                "title",
                "operation",
                "hours",
                "details",
                "opens",
                "renews",
                "uses",
                "needs",
                "people",
                "wait",
                "tools",
                "fasteners"));
        return step(
                step,
                new Departure(Set.copyOf(step.texts("opens")), Set.copyOf(leavesClosed), Optional.empty()),
                parts);
    }

    private static Recipe.Step step(Entry step, Departure access, Parts parts) {
        List<Double> hours = step.numbers("hours");
        return new Recipe.Step(
                step.text("title"),
                step.choice("operation", Operation.class),
                new Effort(minutes(hours.get(0)), minutes(hours.get(1)), minutes(hours.get(2))),
                step.choices("details", Detail.class, Set.of()),
                access,
                conditions(step),
                new ToHand(step.texts("tools"), step.texts("fasteners")),
                Stream.concat(
                                step.list("needs").stream().map(parts::unnamed),
                                step.list("uses").stream().map(parts::used))
                        .toList());
    }

    private static Conditions conditions(Entry step) {
        return new Conditions(
                step.whole("people", 1), false, minutes(step.has("wait") ? step.number("wait") : 0), false, false);
    }

    private static int minutes(double hours) {
        return (int) Math.round(hours * 60);
    }
}
