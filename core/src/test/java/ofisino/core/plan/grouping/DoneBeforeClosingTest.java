package ofisino.core.plan.grouping;

import static ofisino.core.plan.grouping.EngineOut.id;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** An engine that comes out for its bearings, and leaks; its gasket comes in ten days. */
class DoneBeforeClosingTest {
    private static final Map<ActivityId, Set<String>> GASKET = Map.of(id("gasket"), Set.of("engine-out"));

    private static PlanProblem car(boolean isOut, Aim gasket, Set<String> needs, Link... more) {
        List<Link> links = new ArrayList<>(List.of(more));
        links.add(Link.of("delivery", "gasket"));
        return EngineOut.of(
                isOut,
                Aim.ROAD_READY,
                List.of(
                        Activity.job("gasket", gasket, 4, EngineOut.INES).needing(needs),
                        Activity.order("delivery", gasket, Duration.ofDays(10))),
                links);
    }

    private static boolean isDoneWhileOut(PlanProblem problem) {
        Plan plan = ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(30, 1))).plan();
        return !plan.of(id("in"))
                .orElseThrow()
                .start()
                .isBefore(plan.of(id("gasket")).orElseThrow().end());
    }

    @Test
    void theEngineStaysOutUntilItHasItsGasket() {
        for (boolean isOut : new boolean[] {false, true}) {
            PlanProblem car = car(isOut, Aim.ROAD_READY, Set.of());
            assertThat(isDoneWhileOut(car))
                    .as("the sooner it is in, the sooner it is ready")
                    .isFalse();
            assertThat(isDoneWhileOut(DoneBeforeClosing.in(car, GASKET))).isTrue();
        }
    }

    @Test
    void whatMayWaitNeedsItWholeOrComesAfterwardsKeepsNothingOpen() {
        PlanProblem later = car(false, Aim.SHOW, Set.of());
        assertThat(DoneBeforeClosing.in(later, GASKET))
                .as("the road does not wait for beauty")
                .isSameAs(later);
        PlanProblem whole = car(false, Aim.ROAD_READY, Set.of("RUNNING"));
        assertThat(DoneBeforeClosing.in(whole, GASKET)).isSameAs(whole);
        PlanProblem after = car(false, Aim.ROAD_READY, Set.of(), Link.of("in", "gasket"));
        assertThat(DoneBeforeClosing.in(after, GASKET)).isSameAs(after);
        PlanProblem before = car(false, Aim.ROAD_READY, Set.of(), Link.of("gasket", "out"));
        assertThat(DoneBeforeClosing.in(before, GASKET)).isSameAs(before);
        PlanProblem inside = car(false, Aim.ROAD_READY, Set.of());
        assertThat(DoneBeforeClosing.in(inside, Map.of(id("bearings"), Set.of("engine-out"))))
                .as("it is in it anyway")
                .isSameAs(inside);
    }
}
