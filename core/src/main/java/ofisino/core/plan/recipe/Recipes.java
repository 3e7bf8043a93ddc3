package ofisino.core.plan.recipe;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.equipment.Equipment;

/**
 * The recipes that ship with Ofisino, from {@code recipes.yaml}, {@code shared-work.yaml} and {@code stuck-ladder.yaml} beside this class.
 * The first entry that contains the finding's kind, place, system and decision is the one proposed; the file goes from special to general.
 */
public final class Recipes {
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

    /** Reads the files. @throws ofisino.core.kernel.InvalidValue naming the entry that is wrong */
    public static Recipes load(Anatomy anatomy, Consumables consumables, AccessLibrary accesses) {
        Parts parts = new Parts(anatomy, consumables);
        var reader = new RecipeReader(parts);
        Map<String, Shared> shared = Entry.readBeside(Recipes.class, "shared-work.yaml", reader::shared);
        return new Recipes(
                Entry.readBeside(
                        Recipes.class,
                        "recipes.yaml",
                        yaml -> Entry.listOf("the recipes", yaml).stream()
                                .map(e -> reader.rule(e.named("id"), shared, false))
                                .toList()),
                shared,
                Entry.readBeside(Recipes.class, "stuck-ladder.yaml", reader::ladder),
                parts,
                accesses);
    }

    /**
     * With a garage's own: one of the same id stands in the place of the one that ships, others come first, though behind what is locked.
     * What takes the place of another keeps its cautions and what it ends in.
     *
     * @throws InvalidValue when one is malformed, or stands for what is locked
     */
    public Recipes with(List<OwnRecipe> own) {
        if (own.isEmpty()) return this;
        Map<String, Rule> byId = new LinkedHashMap<>();
        for (OwnRecipe o : own) byId.put(o.id(), rule(o));
        List<Rule> all = new ArrayList<>();
        int locked = 0;
        for (Rule r : rules) {
            Rule its = byId.remove(r.recipe().id());
            all.add(its == null ? r : its.standingFor(r));
            if (r.locked()) locked = all.size();
        }
        byId.values().forEach(Rule::mustSayForWhat);
        all.addAll(locked, byId.values());
        return new Recipes(all, shared, ladder, parts, accesses);
    }

    private Rule rule(OwnRecipe own) {
        Rule rule = new RecipeReader(parts).rule(own.entry(), shared, true);
        rules.stream()
                .filter(r -> r.locked() && r.recipe().id().equals(own.id()))
                .findFirst()
                .ifPresent(r -> {
                    throw InvalidValue.of(
                            "recipe.locked",
                            "“%s” stays as it is: done otherwise it may hurt somebody.",
                            "Give your recipe another id, for other things.",
                            own.id());
                });
        return rule;
    }

    /** As they stand in their file, to be changed; empty where there is none of that id, or nobody may. */
    public Optional<OwnRecipe> source(String id) {
        return rules.stream()
                .filter(r -> r.recipe().id().equals(id) && !r.locked())
                .findFirst()
                .map(r -> new OwnRecipe(id, r.source()));
    }

    /**
     * What a recipe is for; all empty: for whatever no other is for.
     *
     * @param things  ids of components
     * @param places  on either side
     * @param natures ids of kinds of things
     */
    public record Scope(List<String> things, List<String> places, List<String> natures) {}

    /** @throws java.util.NoSuchElementException where there is none of that id */
    public Scope scope(String id) {
        Rule rule = rules.stream()
                .filter(r -> r.recipe().id().equals(id))
                .findFirst()
                .orElseThrow();
        return new Scope(
                rule.things().stream().sorted().toList(),
                rule.places().stream().sorted().toList(),
                rule.natures().stream().sorted().toList());
    }

    /** Whether nobody's own may take its place. */
    public boolean isLocked(String id) {
        return rules.stream().anyMatch(r -> r.locked() && r.recipe().id().equals(id));
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
}
