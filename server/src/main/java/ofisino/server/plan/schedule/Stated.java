package ofisino.server.plan.schedule;

import java.util.List;
import java.util.Map;
import java.util.Set;
import ofisino.core.plan.grouping.OpenedByWork;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.server.plan.Plans;
import ofisino.server.plan.Plans.Subject;

/**
 * What is to be planned of a vehicle, and what a plan of it has to know beside.
 *
 * @param doubts   what makes a day the earliest possible
 * @param subjects what each name in the problem stands for
 */
record Stated(PlanProblem problem, Plans.Doubts doubts, Map<String, Subject> subjects, Wishes wishes) {
    /**
     * How strip-downs are shared and work is put in order.
     *
     * @param apart strip-downs that a person wants by themselves
     * @param works work that opens an access itself
     * @param looks jobs that look for a fault before anything is apart
     * @param beforeClosing by job, and by what closes an access, other accesses that are not closed before
     */
    record Wishes(
            Set<String> apart,
            List<OpenedByWork> works,
            Set<ActivityId> looks,
            Map<ActivityId, Set<String>> beforeClosing) {}
}
