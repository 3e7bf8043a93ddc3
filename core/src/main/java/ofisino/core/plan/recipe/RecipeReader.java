package ofisino.core.plan.recipe;

import java.io.Reader;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.access.Departure;
import ofisino.core.plan.job.Conditions;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.ToHand;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;

/** Reads recipes, shared work and rungs out of data. */
record RecipeReader(Parts parts) {
    Map<String, Shared> shared(Reader yaml) {
        return Entry.listOf("the shared work", yaml).stream()
                .map(e -> shared(e.named("id")))
                .collect(Collectors.toMap(s -> s.work().id(), Function.identity(), (a, b) -> a, LinkedHashMap::new));
    }

    Ladder ladder(Reader yaml) {
        return new Ladder(Entry.listOf("the rungs", yaml).stream()
                .map(e -> rung(e.named("id")))
                .toList());
    }

    private Rung rung(Entry e) {
        e.only("id", "title", "operation", "hours", "details", "uses", "needs", "wait", "cautions", "tools");
        return new Rung(
                e.text("id"), step(e, Departure.NONE), List.copyOf(e.choices("cautions", Caution.class, Set.of())));
    }

    private Shared shared(Entry e) {
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
                "opens",
                "before-heat",
                "after",
                "people",
                "wait",
                "tools"));
        return new Shared(
                new SharedWork(
                        e.text("id"),
                        e.choice("system", VehicleSystem.class),
                        step(e, new Departure(Set.copyOf(e.texts("opens")), Set.of(), Set.of(), Optional.empty())),
                        List.copyOf(e.choices("cautions", Caution.class, Set.of()))),
                Applies.of(e),
                e.has("before-heat"),
                Set.copyOf(e.texts("after")));
    }

    /** @param own it is a garage's own */
    Rule rule(Entry entry, Map<String, Shared> shared, boolean own) {
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
                "does",
                "only-known",
                "cautions",
                "then",
                "locked",
                "steps"));
        List<Shared> then = entry.among("then", shared);
        var recipe = new Recipe(
                entry.text("id"),
                entry.text("title"),
                entry.has("axle"),
                entry.list("steps").stream().map(e -> step(e, entry)).toList(),
                List.copyOf(entry.choices("cautions", Caution.class, Set.of())),
                List.of(),
                then.stream().map(Shared::work).toList());
        return new Rule(
                entry.keys(),
                own,
                entry.has("locked"),
                recipe,
                Applies.of(entry),
                entry.has("only-known"),
                entry.list("steps").stream().map(Applies::of).toList(),
                entry.list("steps").stream()
                        .map(e -> e.choices("standards", Aim.class, EnumSet.allOf(Aim.class)))
                        .toList(),
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

    private Recipe.Step step(Entry step, Entry recipe) {
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
                "fasteners",
                "standards"));
        return step(
                step,
                new Departure(
                        Set.copyOf(step.texts("opens")),
                        Set.copyOf(recipe.texts("leaves-closed")),
                        Set.copyOf(recipe.texts("does")),
                        Optional.empty()));
    }

    private Recipe.Step step(Entry step, Departure access) {
        List<Double> hours = step.numbers("hours");
        return new Recipe.Step(
                step.text("title"),
                step.choice("operation", Operation.class),
                new Effort(minutes(hours.get(0)), minutes(hours.get(1)), minutes(hours.get(2))),
                step.choices("details", Detail.class, Set.of()),
                access,
                conditions(step),
                new ToHand(step.texts("tools"), step.texts("fasteners")),
                step.has("standards")
                        ? step.choices("standards", Aim.class, Set.of()).stream()
                                .min(Aim::compareTo)
                        : Optional.empty(),
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
