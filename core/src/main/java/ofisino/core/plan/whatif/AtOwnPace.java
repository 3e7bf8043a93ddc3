package ofisino.core.plan.whatif;

import java.time.Instant;
import java.util.EnumMap;
import java.util.Map;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.NeededFor;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.solve.Planner;

/** What becomes of a plan when people come as often as they do and take the hours that they take: the same work in the same order, later. What has a fixed time is put off. */
public final class AtOwnPace {
    /** The order is that of the plan: there is nothing to look for. */
    private static final Planner.Budget ONE = new Planner.Budget(1, 1);

    private AtOwnPace() {}

    /**
     * @param factor by which work takes longer than was thought; what goes in one go keeps its hours, for no session is longer
     * @param turnUp by person; one who is not named comes as is usual
     */
    public record Pace(double factor, Map<String, TurnUp> turnUp) {
        public Pace {
            turnUp = Map.copyOf(turnUp);
        }

        TurnUp of(String person) {
            return turnUp.getOrDefault(person, TurnUp.UNKNOWN);
        }
    }

    /** When each milestone is reached; empty where not everything fits before the horizon. */
    public static Map<Aim, Instant> milestones(PlanProblem problem, Plan plan, Pace pace) {
        PlanProblem slower = slower(problem, pace);
        Map<Aim, Instant> found = new EnumMap<>(Aim.class);
        if (Planner.plan(slower.keeping(plan), ONE) instanceof PlanOutcome.Planned p) {
            var needed = new NeededFor(slower);
            for (Aim aim : Aim.values())
                Milestones.last(p.plan(), needed.aim(aim)).ifPresent(last -> found.put(aim, last.end()));
        }
        return found;
    }

    private static int slots(Activity a, double factor) {
        boolean keeps = a.crew().size() == 0 || a.timing().inOneGo();
        return keeps ? a.workSlots() : (int) Math.ceil(a.workSlots() * factor);
    }

    static PlanProblem slower(PlanProblem problem, Pace pace) {
        return problem.withActivities(problem.activities().stream()
                        .map(a -> a.with(a.timing().putOff()).taking(slots(a, pace.factor())))
                        .toList())
                .withPeople(problem.people().stream()
                        .map(p -> new PlanProblem.Person(p.id(), pace.of(p.id()).of(p.windows())))
                        .toList());
    }
}
