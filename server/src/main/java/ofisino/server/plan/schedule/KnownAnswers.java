package ofisino.server.plan.schedule;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import ofisino.core.plan.schedule.PlanOutcome;
import ofisino.core.plan.schedule.PlanProblem;
import ofisino.core.plan.schedule.Planner;

/** Plans that were made lately, by the whole question: whatever changes, asks another one, and so never gets an old answer. */
final class KnownAnswers {
    /** Activities times schedules for one answer, so that a large plan takes no longer than a small one; see docs/performance.md. */
    private static final int EFFORT = 40_000;

    private static final int FEWEST = 30;
    private static final int ENOUGH = 300;

    private static final int MOST = 24;

    private final Map<PlanProblem, PlanOutcome> known =
            Collections.synchronizedMap(new LinkedHashMap<>(MOST, 0.75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<PlanProblem, PlanOutcome> eldest) {
                    return size() > MOST;
                }
            });

    PlanOutcome of(PlanProblem problem) {
        PlanOutcome answer = known.get(problem);
        if (answer != null) return answer;
        PlanOutcome made = Planner.plan(problem, budget(problem));
        known.put(problem, made);
        return made;
    }

    private static Planner.Budget budget(PlanProblem problem) {
        int schedules = EFFORT / Math.max(1, problem.activities().size());
        return new Planner.Budget(Math.max(FEWEST, Math.min(ENOUGH, schedules)), 1);
    }
}
