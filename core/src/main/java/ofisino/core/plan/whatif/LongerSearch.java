package ofisino.core.plan.whatif;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.problem.NeededFor;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.solve.Planner;

/** Whether a longer search finds a plan that is worth changing to. */
public final class LongerSearch {
    private LongerSearch() {}

    /** @param aim the first milestone that is on another day @param before its last day of work in the plan of now @param after and in the other */
    public record Better(Plan plan, Aim aim, LocalDate before, LocalDate after) {}

    /**
     * A plan of which the first milestone that is on another day is at least two days sooner; empty where the search finds none.
     *
     * @param stopped asked again and again: nobody wants to know any more
     */
    public static Optional<Better> better(
            PlanProblem problem, Plan now, Planner.Budget budget, BooleanSupplier stopped) {
        if (!(new Planner(stopped).next(problem, budget) instanceof PlanOutcome.Planned other)) return Optional.empty();
        var needed = new NeededFor(problem);
        for (Aim aim : problem.milestones()) {
            Optional<LocalDate> before = day(problem, needed, now, aim);
            Optional<LocalDate> after = day(problem, needed, other.plan(), aim);
            if (before.equals(after)) continue;
            return before.flatMap(b -> after.filter(a -> !a.isAfter(b.minusDays(Planner.WORTH_DAYS)))
                    .map(a -> new Better(other.plan(), aim, b, a)));
        }
        return Optional.empty();
    }

    private static Optional<LocalDate> day(PlanProblem problem, NeededFor needed, Plan plan, Aim aim) {
        return Milestones.last(plan, needed.aim(aim))
                .map(last -> last.end().atZone(problem.zone()).toLocalDate());
    }
}
