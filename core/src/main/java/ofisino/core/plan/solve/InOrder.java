package ofisino.core.plan.solve;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;

/** One serial pass in the order of a plan: nothing is looked for, and no reason is given. */
public final class InOrder {
    private InOrder() {}

    /**
     * When each activity of a problem is complete.
     *
     * @param order a plan of the same activities, at other times
     * @return empty where in that order not everything has a place
     */
    public static Map<ActivityId, Instant> ends(PlanProblem problem, Plan order) {
        try {
            var in = new Instance(problem);
            var pass = new ScheduleGeneration(in);
            int[] list = KeptPlan.listOf(in, order);
            boolean whole = pass.serial(list, false) || problem.purse().isPresent() && pass.serial(list, true);
            return whole ? ends(in, pass) : Map.of();
        } catch (Circle circle) {
            return Map.of();
        }
    }

    private static Map<ActivityId, Instant> ends(Instance in, ScheduleGeneration pass) {
        Map<ActivityId, Instant> found = new HashMap<>();
        for (int a = 0; a < in.size; a++) found.put(in.activity[a].id(), in.time.instantAt(pass.end[a]));
        return found;
    }
}
