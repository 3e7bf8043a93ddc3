package ofisino.core.plan.recipe;

import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Effort;
import ofisino.core.plan.access.Departure;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.Operation;

/**
 * A chain of jobs that deals with one kind of finding: each step follows the one before it.
 *
 * @param cautions the usual dangers of this work, shown before its first step; they defer to the maker's manual
 * @param then     the work that it ends in together with others, in its order
 */
public record Recipe(String id, String title, List<Step> steps, List<Caution> cautions, List<SharedWork> then) {
    public Recipe {
        steps = List.copyOf(steps);
        cautions = List.copyOf(cautions);
        then = List.copyOf(then);
        if (steps.isEmpty()) throw new IllegalArgumentException("Recipe %s has no steps".formatted(id));
    }

    /** @param say makes of each text, in which {@code {zone}} may stand, what is read */
    public Recipe said(UnaryOperator<String> say) {
        return new Recipe(
                id,
                say.apply(title),
                steps.stream().map(s -> s.said(say)).toList(),
                cautions,
                then.stream().map(w -> w.said(say)).toList());
    }

    /**
     * @param title  with {@code {zone}} standing for the zone's name
     * @param access how it departs from what jobs at its place usually need open
     * @param needs  parts and consumables of the step, {@code {zone}} allowed
     */
    public record Step(
            String title,
            Operation operation,
            Effort effort,
            Set<Detail> details,
            Departure access,
            List<NeedTemplate> needs) {
        public Step {
            details = Set.copyOf(details);
            needs = List.copyOf(needs);
        }

        Step said(UnaryOperator<String> say) {
            return new Step(
                    say.apply(title),
                    operation,
                    effort,
                    details,
                    access,
                    needs.stream()
                            .map(n -> new NeedTemplate(say.apply(n.title()), n.quantity(), n.leadDays()))
                            .toList());
        }
    }

    /** @param leadDays usual days from order to arrival */
    public record NeedTemplate(String title, int quantity, int leadDays) {}
}
