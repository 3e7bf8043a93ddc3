package ofisino.core.plan.recipe;

import java.io.Reader;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;

/**
 * The recipes that ship with Ofisino, from {@code recipes.yaml} beside this class.
 * The first entry whose kinds, systems and decisions all contain the finding's is the one proposed; the file goes from special to general.
 */
public final class Recipes {
    /** @param stepsApply on which vehicles each step of the recipe is done */
    private record Rule(
            Recipe recipe,
            Applies applies,
            List<Applies> stepsApply,
            Set<FindingKind> kinds,
            Set<VehicleSystem> systems,
            Set<Decision> decisions) {
        boolean fits(FindingKind kind, VehicleSystem system, Decision decision, Equipment vehicle) {
            return kinds.contains(kind)
                    && systems.contains(system)
                    && decisions.contains(decision)
                    && applies.to(vehicle);
        }

        Recipe on(Equipment vehicle) {
            return new Recipe(
                    recipe.id(),
                    recipe.title(),
                    IntStream.range(0, stepsApply.size())
                            .filter(i -> stepsApply.get(i).to(vehicle))
                            .mapToObj(recipe.steps()::get)
                            .toList(),
                    recipe.cautions());
        }
    }

    private final List<Rule> rules;

    private Recipes(List<Rule> rules) {
        this.rules = List.copyOf(rules);
    }

    /** Reads recipes.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Recipes load() {
        return Entry.readBeside(Recipes.class, "recipes.yaml", Recipes::read);
    }

    /** @throws InvalidValue when the file is malformed, naming what is wrong */
    public static Recipes read(Reader yaml) {
        return new Recipes(Entry.listOf("the recipes", yaml).stream()
                .map(e -> entry(e.named("id")))
                .toList());
    }

    /** The chain proposed for a finding of a vehicle; empty where the decision leads to no work or no recipe fits. */
    public Optional<Recipe> propose(FindingKind kind, VehicleSystem system, Decision decision, Equipment vehicle) {
        return rules.stream()
                .filter(e -> e.fits(kind, system, decision, vehicle))
                .map(e -> e.on(vehicle))
                .findFirst();
    }

    /** All recipes in the order of the file. */
    public List<Recipe> all() {
        return rules.stream().map(Rule::recipe).toList();
    }

    private static Rule entry(Entry entry) {
        entry.only(Applies.keys("id", "title", "kinds", "systems", "decisions", "cautions", "steps"));
        var recipe = new Recipe(
                entry.text("id"),
                entry.text("title"),
                entry.list("steps").stream().map(Recipes::step).toList(),
                List.copyOf(entry.choices("cautions", Caution.class, Set.of())));
        return new Rule(
                recipe,
                Applies.of(entry),
                entry.list("steps").stream().map(Applies::of).toList(),
                entry.choices("kinds", FindingKind.class, EnumSet.allOf(FindingKind.class)),
                entry.choices("systems", VehicleSystem.class, EnumSet.allOf(VehicleSystem.class)),
                entry.choices("decisions", Decision.class, EnumSet.of(Decision.REPAIR, Decision.REPLACE)));
    }

    private static Recipe.Step step(Entry step) {
        step.only(Applies.keys("title", "operation", "hours", "details", "needs"));
        List<Double> hours = step.numbers("hours");
        return new Recipe.Step(
                step.text("title"),
                step.choice("operation", Operation.class),
                new Effort(minutes(hours.get(0)), minutes(hours.get(1)), minutes(hours.get(2))),
                step.choices("details", Detail.class, Set.of()),
                step.list("needs").stream().map(Recipes::need).toList());
    }

    private static Recipe.NeedTemplate need(Entry need) {
        need.only("title", "quantity", "leadDays");
        return new Recipe.NeedTemplate(need.text("title"), need.whole("quantity", 1), need.whole("leadDays", 7));
    }

    private static int minutes(double hours) {
        return (int) Math.round(hours * 60);
    }
}
