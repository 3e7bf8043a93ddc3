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
    private final List<Rule> shipped;
    private final Map<String, Shared> shared;
    private final Ladder ladder;
    private final Parts parts;
    private final AccessLibrary accesses;

    private Recipes(
            List<Rule> rules,
            List<Rule> shipped,
            Map<String, Shared> shared,
            Ladder ladder,
            Parts parts,
            AccessLibrary accesses) {
        this.ladder = ladder;
        this.parts = parts;
        this.accesses = accesses;
        this.rules = List.copyOf(rules);
        this.shipped = List.copyOf(shipped);
        this.shared = new LinkedHashMap<>(shared);
    }

    /** Reads the files. @throws ofisino.core.kernel.InvalidValue naming the entry that is wrong */
    public static Recipes load(Anatomy anatomy, Consumables consumables, AccessLibrary accesses) {
        Parts parts = new Parts(anatomy, consumables);
        var reader = new RecipeReader(parts);
        Map<String, Shared> shared = Entry.readBeside(Recipes.class, "shared-work.yaml", reader::shared);
        List<Rule> rules = Entry.readBeside(
                Recipes.class,
                "recipes.yaml",
                yaml -> Entry.listOf("the recipes", yaml).stream()
                        .map(e -> reader.rule(e.named("id"), shared, false))
                        .toList());
        return new Recipes(
                rules,
                rules,
                shared,
                Entry.readBeside(Recipes.class, "stuck-ladder.yaml", reader::ladder),
                parts,
                accesses);
    }

    /**
     * With a garage's own: one of the same id stands in the place of the one that ships, others come first, though behind what is locked.
     * What takes the place of another keeps what that one warns of, and what it ends in.
     *
     * @throws InvalidValue when one is malformed, or stands for what is locked
     */
    public Recipes with(List<OwnRecipe> own) {
        if (own.isEmpty()) return this;
        Map<String, Rule> byId = new LinkedHashMap<>();
        for (OwnRecipe o : own) byId.put(o.id(), rule(o));
        List<Rule> all = new ArrayList<>();
        int locked = 0;
        for (Rule r : shipped) {
            Rule its = byId.remove(r.recipe().id());
            all.add(its == null ? r : its.standingFor(r));
            if (r.locked()) locked = all.size();
        }
        byId.values().forEach(Rule::mustSayForWhat);
        all.addAll(locked, byId.values());
        return new Recipes(all, shipped, shared, ladder, parts, accesses);
    }

    private Rule rule(OwnRecipe own) {
        if (isLocked(own.id()))
            throw InvalidValue.of(
                    "recipe.locked",
                    "“%s” stays as it is: done otherwise it may hurt somebody.",
                    "Give your recipe another id, for other things.",
                    own.id());
        return new RecipeReader(parts).rule(own.entry(), shared, true);
    }

    private Optional<Rule> find(String id) {
        return rules.stream().filter(r -> r.recipe().id().equals(id)).findFirst();
    }

    /** As they stand in their file, to be changed; empty where there is none of that id, or nobody may. */
    public Optional<OwnRecipe> source(String id) {
        return find(id).filter(r -> !r.locked()).map(r -> new OwnRecipe(id, r.source()));
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
        Rule rule = find(id).orElseThrow();
        return new Scope(
                rule.things().stream().sorted().toList(),
                rule.places().stream().sorted().toList(),
                rule.natures().stream().sorted().toList());
    }

    /** Whether nobody's own may take its place. */
    public boolean isLocked(String id) {
        return find(id).filter(Rule::locked).isPresent();
    }

    /** The chain proposed for a finding of a vehicle; empty where the decision leads to no work or no recipe fits. */
    public Optional<Recipe> propose(ToDo what, Equipment vehicle) {
        return first(rules, what, vehicle)
                .map(r -> r.own()
                        ? first(shipped, what, vehicle).map(r::standingFor).orElse(r)
                        : r)
                .map(r -> r.on(vehicle, what, parts))
                .map(r -> withShared(r, what.place(), vehicle));
    }

    /** A rung with the work that it waits for, and that it ends in. @param place of what is stuck */
    public Recipe around(Rung rung, String place, Equipment vehicle) {
        return withShared(
                new Recipe(
                        rung.id(),
                        rung.step().title(),
                        false,
                        List.of(rung.step()),
                        rung.cautions(),
                        List.of(),
                        List.of()),
                place,
                vehicle);
    }

    private Recipe withShared(Recipe recipe, String place, Equipment vehicle) {
        List<SharedWork> first = sharedBefore(recipe, vehicle);
        return recipe.between(first, sharedAfter(recipe, first, place, vehicle));
    }

    private static Optional<Rule> first(List<Rule> rules, ToDo what, Equipment vehicle) {
        return rules.stream().filter(r -> r.fits(what, vehicle)).findFirst();
    }

    private List<SharedWork> sharedBefore(Recipe recipe, Equipment vehicle) {
        if (recipe.steps().stream().noneMatch(Recipe.Step::isHot)) return List.of();
        return shared.values().stream()
                .filter(s -> s.beforeHeat() && s.applies().to(vehicle))
                .map(Shared::work)
                .toList();
    }

    /** What the recipe names, and what follows from that it opens: a circuit that ran empty is filled, whoever drained it. */
    private List<SharedWork> sharedAfter(Recipe recipe, List<SharedWork> first, String place, Equipment vehicle) {
        Set<String> opened = recipe.steps().stream()
                .flatMap(s -> accesses.needed(vehicle, place, s.operation(), s.access()).stream())
                .flatMap(a -> accesses.of(vehicle).closure(a).stream())
                .collect(Collectors.toSet());
        first.forEach(w -> opened.add(w.id()));
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
                .filter(Shared::beforeHeat)
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
                        find(id).stream().map(r -> r.recipe().cautions()),
                        ladder.rungs().stream().filter(r -> r.id().equals(id)).map(Rung::cautions),
                        Optional.ofNullable(shared.get(id)).stream()
                                .map(s -> s.work().cautions()))
                .flatMap(Function.identity())
                .flatMap(List::stream)
                .toList();
    }

    /** Accesses that the work of a recipe opens and closes itself; none where nobody knows it any more. */
    public Set<String> opensItself(String id) {
        return find(id).stream()
                .flatMap(r -> r.recipe().steps().stream())
                .flatMap(s -> s.access().does().stream())
                .collect(Collectors.toUnmodifiableSet());
    }

    /** What is tried one after the other on what will not come loose. */
    public Ladder ladder() {
        return ladder;
    }
}
