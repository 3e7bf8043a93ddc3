package ofisino.core.plan.grouping;

import static ofisino.core.plan.grouping.EngineOut.id;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** An engine that leaks, and comes out for something else. */
class LookedForFirstTest {
    private static final Set<ActivityId> LOOK = Set.of(id("look"));

    /** @param open the engine is out already */
    private static PlanProblem car(boolean open, Link... more) {
        return EngineOut.of(
                open,
                Aim.RUNNER,
                List.of(
                        Activity.job("look", Aim.DRIVER, 4, EngineOut.INES).needing(Set.of("RUNNING")),
                        Activity.order("gauge", Aim.DRIVER, Duration.ofDays(5))),
                List.of(more));
    }

    private static boolean isLookedForFirst(PlanProblem problem) {
        var planned = (PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(30, 1));
        return planned.plan()
                .of(id("look"))
                .orElseThrow()
                .end()
                .isBefore(planned.plan().of(id("bearings")).orElseThrow().start());
    }

    @Test
    void itIsLookedForBeforeTheEngineComesOut() {
        assertThat(isLookedForFirst(car(false)))
                .as("what matters sooner came first")
                .isFalse();
        assertThat(isLookedForFirst(LookedForFirst.in(car(false), LOOK))).isTrue();
    }

    @Test
    void whatItWaitsForWhatItBuysAndWhatIsOpenAlreadyStaysAsItIs() {
        PlanProblem waits = car(false, Link.of("bearings", "look"));
        assertThat(LookedForFirst.in(waits, LOOK)).isSameAs(waits);
        PlanProblem buys = car(false, Link.of("gauge", "look"));
        assertThat(LookedForFirst.in(buys, LOOK))
                .as("a gauge has to be bought first")
                .isSameAs(buys);
        PlanProblem open = car(true);
        assertThat(LookedForFirst.in(open, LOOK)).isSameAs(open);
        PlanProblem other = car(false);
        assertThat(LookedForFirst.in(other, Set.of(id("bearings"))))
                .as("it needs nothing whole")
                .isSameAs(other);
    }
}
