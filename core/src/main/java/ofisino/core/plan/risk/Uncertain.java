package ofisino.core.plan.risk;

import java.util.List;
import java.util.Map;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.TurnUp;

/**
 * What nobody knows of a plan. Work and waits are said as parts of what the plan reckons with: 1 is as planned.
 *
 * @param work   by activity, drawn from beta-PERT; what is not named comes out as planned
 * @param stray  by which single jobs stray beyond their ranges, as the standard deviation of a logarithm; 0 where the ranges say all
 * @param waits  by activity, from the triangular distribution: deliveries, work that was sent out
 * @param hidden what may come to light
 * @param own    of whoever does the work: one factor for all of it in one run. It stands for the average of all jobs, so the draws of {@code work}
 *               are taken around their own middle and not around what was thought likely
 * @param turnUp by person; one who is not named comes as is usual
 */
public record Uncertain(
        Map<ActivityId, ThreePoint> work,
        double stray,
        Map<ActivityId, ThreePoint> waits,
        List<Hidden> hidden,
        OwnFactor own,
        Map<String, TurnUp> turnUp) {
    public Uncertain {
        work = Map.copyOf(work);
        waits = Map.copyOf(waits);
        hidden = List.copyOf(hidden);
        turnUp = Map.copyOf(turnUp);
    }

    /**
     * Damage that shows once something is apart, if it is there.
     *
     * @param opening     the strip-down by which it comes to light
     * @param lengthened  the work behind it that takes longer then
     * @param probability 0 to 1
     * @param more        by which part that work takes longer, 0 for not at all
     */
    public record Hidden(ActivityId opening, List<ActivityId> lengthened, double probability, ThreePoint more) {
        public Hidden {
            lengthened = List.copyOf(lengthened);
            if (!(probability >= 0 && probability <= 1) || more.optimistic() < 0)
                throw InvalidValue.of(
                        "hidden.range",
                        "“%s” cannot hide damage with a chance of %s.",
                        "Give a chance from 0 to 1, and work that does not get shorter.",
                        opening.value(),
                        probability);
        }
    }
}
