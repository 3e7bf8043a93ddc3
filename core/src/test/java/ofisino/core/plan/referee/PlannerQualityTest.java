package ofisino.core.plan.referee;

import static org.assertj.core.api.Assertions.assertThat;

import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The planner beside an exact solver (OR-Tools CP-SAT), which proves the optimum of each instance, or at least a bound. */
class PlannerQualityTest {
    private static final double[] COMPLEXITY = {1.5, 1.8, 2.1};
    private static final double[] FACTOR = {0.5, 0.75, 0.75, 1.0};
    private static final double[] STRENGTH = {0.15, 0.2, 0.3, 0.5};
    private static final int INSTANCES = Instances.of(3, 20);

    @ParameterizedTest
    @CsvSource({"30, 1.0", "60, 2.0"})
    void fiveThousandSchedulesComeWithinSoManyPercentOfTheOptimum(int activities, double percent) {
        double gaps = 0;
        int solved = 0;
        for (int i = 0; i < INSTANCES; i++) {
            Textbook t = Textbook.drawn(
                    activities, COMPLEXITY[i % 3], FACTOR[i % 4], STRENGTH[i / 4 % 4], 1000L * activities + i);
            ExactTextbook.Answer exact = ExactTextbook.solve(t, 8);
            var planned = (PlanOutcome.Planned) Planner.plan(t.problem(), Planner.Budget.USUAL);
            int makespan = Textbook.makespan(planned.plan());
            assertThat(makespan).isGreaterThanOrEqualTo(Math.max(t.lowerBound(), exact.bound()));
            if (!exact.optimal()) continue; // a weak bound says nothing of the planner
            solved++;
            gaps += 100.0 * (makespan - exact.bound()) / exact.bound();
        }
        assertThat(solved).as("enough of them are compared").isGreaterThanOrEqualTo(INSTANCES / 2);
        assertThat(gaps / solved).isLessThanOrEqualTo(percent);
    }
}
