package ofisino.core.plan.risk;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.solve.LargeGarage;
import ofisino.core.plan.solve.Planner;

/** A large restoration that is planned, and what nobody knows of it. */
record LargeRun(PlanProblem problem, Plan plan, Uncertain uncertain) {
    static LargeRun of(int jobs) {
        PlanProblem problem = LargeGarage.of(jobs);
        Plan plan = ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(30, 1))).plan();
        Map<ActivityId, ThreePoint> work = new HashMap<>();
        problem.activities().forEach(a -> work.put(a.id(), new ThreePoint(0.7, 1, 1.8)));
        return new LargeRun(
                problem,
                plan,
                new Uncertain(work, 0.35, Map.of(), List.of(), new OwnFactor(0, 1.3), Map.of()));
    }

    Simulation simulation() {
        return new Simulation(problem, plan, uncertain, 1);
    }
}
