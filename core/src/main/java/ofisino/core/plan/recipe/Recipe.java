package ofisino.core.plan.recipe;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Effort;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.plan.access.Departure;
import ofisino.core.plan.job.Conditions;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.ToHand;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.anatomy.Price;

/**
 * A chain of jobs that deals with one kind of finding: each step follows the one before it.
 *
 * @param wholeAxle it does both sides of an axle at once: a finding on the other side joins it
 * @param cautions the usual dangers of this work, shown before its first step; they defer to the maker's manual
 * @param first    the work that it waits for together with others
 * @param then     the work that it ends in together with others, in its order
 */
public record Recipe(
        String id,
        String title,
        boolean wholeAxle,
        List<Step> steps,
        List<Caution> cautions,
        List<SharedWork> first,
        List<SharedWork> then) {
    public Recipe {
        steps = List.copyOf(steps);
        cautions = List.copyOf(cautions);
        first = List.copyOf(first);
        then = List.copyOf(then);
        if (steps.isEmpty()) throw new IllegalArgumentException("Recipe %s has no steps".formatted(id));
    }

    /** The same, after that and ending in that. */
    Recipe between(List<SharedWork> before, List<SharedWork> after) {
        return new Recipe(id, title, wholeAxle, steps, cautions, before, after);
    }

    /**
     * Of the work that it ends in, what comes directly before: in their order where they are of one matter, bled before it is tested. The hose test
     * waits for no fuel. Empty where it follows the own steps.
     */
    public Optional<SharedWork> directlyBefore(SharedWork work) {
        return then.subList(0, then.indexOf(work)).stream()
                .filter(w -> w.system() == work.system())
                .reduce((first, second) -> second);
    }

    /** The same for a vehicle of which a person said what its parts are called, and which it has not. */
    public Recipe of(Anatomy its) {
        return new Recipe(
                id, title, wholeAxle, steps.stream().map(s -> s.of(its)).toList(), cautions, first, then);
    }

    /** @param say makes of each text, in which {@code {zone}} may stand, what is read */
    public Recipe said(UnaryOperator<String> say) {
        return new Recipe(
                id,
                say.apply(title),
                wholeAxle,
                steps.stream().map(s -> s.said(say)).toList(),
                cautions,
                first.stream().map(w -> w.said(say)).toList(),
                then.stream().map(w -> w.said(say)).toList());
    }

    /**
     * @param title  with {@code {zone}} standing for the zone's name
     * @param access how it departs from what jobs at its place usually need open
     * @param conditions how it is worked: two people, a soak or a cure after it
     * @param toHand special tools, and the fasteners that must hold
     * @param onlyFor the least standard of the vehicle that asks for it; empty where each does
     * @param needs  parts and consumables of the step, {@code {zone}} allowed
     */
    public record Step(
            String title,
            Operation operation,
            Effort effort,
            Set<Detail> details,
            Departure access,
            Conditions conditions,
            ToHand toHand,
            Optional<Aim> onlyFor,
            List<NeedTemplate> needs) {
        public Step {
            details = Set.copyOf(details);
            needs = List.copyOf(needs);
        }

        /** Whether it sparks or burns on the vehicle. */
        boolean isHot() {
            return new JobNature(operation, Optional.empty(), details).isHot();
        }

        Step said(UnaryOperator<String> say) {
            return new Step(
                    say.apply(title),
                    operation,
                    effort,
                    details,
                    access,
                    conditions,
                    toHand,
                    onlyFor,
                    needs.stream().map(n -> n.said(say)).toList());
        }

        Step of(Anatomy its) {
            return with(
                    access,
                    ToHand.NOTHING,
                    needs.stream()
                            .filter(n -> n.item().filter(its::lacks).isEmpty())
                            .map(n -> n.item().flatMap(its::find).map(n::of).orElse(n))
                            .toList());
        }

        Step with(Departure other, ToHand more, List<NeedTemplate> needed) {
            return new Step(title, operation, effort, details, other, conditions, toHand.and(more), onlyFor, needed);
        }
    }

    /**
     * @param item     the component or consumable that it is; empty where nobody knows: then it is no one's like
     * @param quantity in its unit
     * @param handed   it is for the side of the finding and fits no other
     * @param leadDays usual days from order to arrival
     * @param price    of all of it
     */
    public record NeedTemplate(
            Optional<String> item,
            String title,
            int quantity,
            AmountUnit unit,
            boolean handed,
            int leadDays,
            Price price) {
        NeedTemplate of(Component its) {
            return new NeedTemplate(item, its.name(), quantity, unit, handed, leadDays, price);
        }

        NeedTemplate said(UnaryOperator<String> say) {
            return new NeedTemplate(item, say.apply(title), quantity, unit, handed, leadDays, price);
        }
    }
}
