package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Random;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.problem.PlanOutcome.Planned;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.referee.Garages;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.LongerSearch;
import ofisino.core.plan.whatif.LongerSearch.Better;
import org.junit.jupiter.api.Test;

class LongerSearchTest {
    private static final Planner.Budget ONE = new Planner.Budget(1, 1);
    private static final Planner.Budget LONGER = new Planner.Budget(200, 1);
    private static final int GARAGES = 400;

    /** Beside single schedules some longer searches are worth it: each of them keeps all rules, and its milestone is two days sooner or more. */
    @Test
    void onlyWhatIsWorthItIsOffered() {
        int found = 0;
        for (int seed = 0; seed < GARAGES; seed++) {
            PlanProblem problem = Garages.drawn(new Random(seed));
            if (!(Planner.plan(problem, ONE) instanceof Planned now)) continue;
            Optional<Better> better = LongerSearch.better(problem, now.plan(), LONGER, () -> false);
            if (better.isEmpty()) continue;
            found++;
            Better b = better.get();
            assertThat(RuleBook.breaches(problem, b.plan())).isEmpty();
            assertThat(b.after()).isBeforeOrEqualTo(b.before().minusDays(2));
            for (Aim aim : problem.milestones()) {
                if (aim == b.aim()) break;
                assertThat(day(problem, b, aim))
                        .isEqualTo(day(problem, new Better(now.plan(), aim, b.before(), b.after()), aim));
            }
        }
        assertThat(found).isPositive();
    }

    /** Stopped at once, it has looked at nothing but the first. */
    @Test
    void nobodyWaitsForWhatNobodyWantsToKnow() {
        for (int seed = 0; seed < GARAGES; seed++) {
            PlanProblem problem = Garages.drawn(new Random(seed));
            if (Planner.plan(problem, ONE) instanceof Planned now)
                assertThat(LongerSearch.better(problem, now.plan(), LONGER, () -> true))
                        .isEmpty();
        }
    }

    private static Optional<LocalDate> day(PlanProblem problem, Better of, Aim aim) {
        return Milestones.milestone(problem, of.plan(), aim)
                .map(m -> m.finish().atZone(problem.zone()).toLocalDate());
    }
}
