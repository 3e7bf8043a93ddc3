package ofisino.core.plan.whatif;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.NeededFor;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.solve.DrawnPass;
import ofisino.core.plan.solve.InOrder;
import ofisino.core.plan.solve.Planner;

/** What becomes of a plan when people come as often as they do and take the hours that they take: the same work in the same order, later. What has a fixed time is put off. */
public final class AtOwnPace {
    private static final Planner.Budget FEW = new Planner.Budget(12, 1);

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
        Map<ActivityId, Instant> ends = ends(slower, plan);
        var needed = new NeededFor(slower);
        for (Aim aim : Aim.values())
            needed.aim(aim).stream()
                    .flatMap(id -> Optional.ofNullable(ends.get(id)).stream())
                    .max(Instant::compareTo)
                    .ifPresent(finish -> found.put(aim, finish));
        return found;
    }

    /** In the order of the plan; where that does not go, in one that does. */
    private static Map<ActivityId, Instant> ends(PlanProblem slower, Plan plan) {
        Map<ActivityId, Instant> found = InOrder.ends(slower, plan);
        if (found.isEmpty() && Planner.plan(slower.keeping(plan), FEW) instanceof PlanOutcome.Planned other)
            return other.plan().activities().values().stream()
                    .collect(Collectors.toMap(Plan.Scheduled::id, Plan.Scheduled::end));
        return found;
    }

    private static int slots(Activity a, double factor) {
        return DrawnPass.keepsItsHours(a) ? a.workSlots() : (int) Math.ceil(a.workSlots() * factor);
    }

    static PlanProblem slower(PlanProblem problem, Pace pace) {
        return problem.withActivities(problem.activities().stream()
                        .map(a -> a.with(a.timing().putOff()).taking(slots(a, pace.factor())))
                        .toList())
                .withPeople(problem.people().stream()
                        .map(p -> new PlanProblem.Person(p.id(), pace.of(p.id()).of(p.windows())))
                        .toList())
                .withResources(hiredAnyDay(problem));
    }

    /** Who comes later hires later: the days of a plan are not kept when its sessions are not. */
    private static List<Capacity> hiredAnyDay(PlanProblem problem) {
        return problem.resources().stream()
                .map(c -> c.byTheDay() ? Capacity.hired(c.id()) : c)
                .toList();
    }

    /** The same work without the days that only hold where everything goes as planned: what has a fixed time is put off with the rest. */
    public static PlanProblem putOff(PlanProblem problem) {
        return problem.withActivities(problem.activities().stream()
                        .map(a -> a.with(a.timing().putOff()))
                        .toList())
                .withResources(hiredAnyDay(problem));
    }
}
