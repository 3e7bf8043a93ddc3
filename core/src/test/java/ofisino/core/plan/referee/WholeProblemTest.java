package ofisino.core.plan.referee;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.temporal.ChronoUnit;
import java.util.Random;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** Small garages with everything in them, beside an exact solver: the verdict is never wrong, and the days are close to the fewest possible. */
class WholeProblemTest {
    private static final int INSTANCES = Instances.of(10, 40);
    private static final double PERCENT = 5;

    @Test
    void theVerdictIsRightAndTheDaysAreCloseToTheFewest() {
        double gaps = 0;
        int feasible = 0;
        for (int seed = 0; seed < INSTANCES; seed++) {
            PlanProblem problem = Garages.drawn(new Random(seed));
            ExactGarage.Answer exact = ExactGarage.solve(problem);
            PlanOutcome outcome = Planner.plan(problem, Planner.Budget.USUAL);
            assertThat(outcome instanceof PlanOutcome.Planned)
                    .as("can be done, seed %d", seed)
                    .isEqualTo(exact.feasible());
            if (!exact.feasible()) continue;
            feasible++;
            gaps += gap(problem, ((PlanOutcome.Planned) outcome).plan(), exact, seed);
        }
        assertThat(feasible).isGreaterThan(INSTANCES / 2);
        assertThat(INSTANCES - feasible).isGreaterThan(INSTANCES / 20);
        assertThat(100 * gaps / feasible).isLessThanOrEqualTo(PERCENT);
    }

    /** Of the first milestone that differs, in days from now. */
    private static double gap(PlanProblem problem, Plan plan, ExactGarage.Answer exact, int seed) {
        for (int m = 0; m < exact.days().length; m++) {
            int ours = days(problem, plan, m);
            int fewest = exact.days()[m];
            assertThat(ours).as("no better than the best, seed %d", seed).isGreaterThanOrEqualTo(fewest);
            if (ours > fewest) return (double) (ours - fewest) / Math.max(1, fewest);
        }
        return 0;
    }

    private static int days(PlanProblem problem, Plan plan, int milestone) {
        var first = problem.now().atZone(problem.zone()).toLocalDate();
        return Milestones.milestone(problem, plan, problem.milestones().get(milestone))
                .map(m -> (int) ChronoUnit.DAYS.between(
                        first, m.finish().atZone(problem.zone()).toLocalDate()))
                .orElse(0);
    }
}
