package ofisino.core.plan.referee;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The planner beside an exact solver (OR-Tools CP-SAT), which proves the optimum of each instance, or at least a bound. */
class PlannerQualityTest {
    private static final double[] COMPLEXITY = {1.5, 1.8, 2.1};
    private static final double[] FACTOR = {0.5, 0.75, 0.75, 1.0};
    private static final double[] STRENGTH = {0.15, 0.2, 0.3, 0.5};
    private static final int ENOUGH = 36;
    private static final int INSTANCES = Instances.of(3, ENOUGH);
    /** A few may lie further off than many do. */
    private static final double LENIENCE = INSTANCES < ENOUGH ? 2 : 1;

    private static final Map<Integer, ExactTextbook.Answer> SOLVED = new HashMap<>();

    /** Of 60 activities only those whose optimum lies above the simple bound: the others are easy. */
    @ParameterizedTest
    @CsvSource({"30, 5000, 0.1", "60, 5000, 0.9", "30, 300, 0.6", "60, 300, 1.5"})
    void comesWithinSoManyPercentOfTheOptimum(int activities, int schedules, double percent) {
        double gaps = 0;
        int solved = 0;
        for (int i = 0; i < INSTANCES; i++) {
            Textbook t = drawn(activities, i);
            ExactTextbook.Answer exact =
                    SOLVED.computeIfAbsent(1000 * activities + i, key -> ExactTextbook.solve(t, 8));
            int makespan = makespan(t, schedules);
            assertThat(makespan).isGreaterThanOrEqualTo(Math.max(t.lowerBound(), exact.bound()));
            if (!exact.optimal()) continue; // a weak bound says nothing of the planner
            if (activities > 30 && exact.makespan() == t.lowerBound()) continue;
            solved++;
            gaps += 100.0 * (makespan - exact.bound()) / exact.bound();
        }
        assertThat(solved).as("enough of them are compared").isGreaterThanOrEqualTo(INSTANCES / 4);
        assertThat(gaps / solved).isLessThanOrEqualTo(percent * LENIENCE);
    }

    /** The longer search begins with the shorter one. */
    @Test
    void moreSchedulesAreNeverWorse() {
        for (int i = 0; i < 40; i++) {
            Textbook t = drawn(30, i);
            int before = Integer.MAX_VALUE;
            for (int schedules : new int[] {1, 2, 7, 20, 45, 80, 150, 300}) {
                int makespan = makespan(t, schedules);
                assertThat(makespan).as("%d with %d schedules", i, schedules).isLessThanOrEqualTo(before);
                before = makespan;
            }
        }
    }

    private static Textbook drawn(int activities, int i) {
        return Textbook.drawn(
                activities, COMPLEXITY[i % 3], FACTOR[i % 4], STRENGTH[i / 4 % 4], 1000L * activities + i);
    }

    private static int makespan(Textbook t, int schedules) {
        return Textbook.makespan(
                Planner.plan(t.problem(), new Planner.Budget(schedules, 1)).plan());
    }
}
