package ofisino.core.plan.recipe;

import java.util.List;
import java.util.Set;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Effort;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;

/**
 * A chain of jobs that deals with one kind of finding: each step follows the one before it.
 *
 * @param cautions the usual dangers of this work, shown before its first step; they defer to the maker's manual
 */
public record Recipe(String id, String title, List<Step> steps, List<Caution> cautions) {
    public Recipe {
        steps = List.copyOf(steps);
        cautions = List.copyOf(cautions);
        if (steps.isEmpty()) throw new IllegalArgumentException("Recipe %s has no steps".formatted(id));
    }

    /**
     * @param title with {@code {zone}} standing for the zone's name
     * @param needs parts and consumables of the step, {@code {zone}} allowed
     */
    public record Step(
            String title, Operation operation, Effort effort, Set<Detail> details, List<NeedTemplate> needs) {
        public Step {
            details = Set.copyOf(details);
            needs = List.copyOf(needs);
        }
    }

    /** @param leadDays usual days from order to arrival */
    public record NeedTemplate(String title, int quantity, int leadDays) {}
}
