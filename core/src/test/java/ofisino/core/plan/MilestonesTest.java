package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

class MilestonesTest {
    private static final Activity.Crew INES = new Activity.Crew(1, List.of("ines"));

    /** What a start waits for may have no place itself, where not everything could be planned: the chain ends there. */
    @Test
    void whatHasNoPlaceIsNoLinkOfTheChain() {
        Instant from = JoiningTest.NOW;
        Activity weld = Activity.job("weld", Aim.RUNNER, 4, INES);
        PlanProblem problem = problem(Duration.ofDays(9), weld);
        Instant to = from.plus(Duration.ofHours(1));
        var plan = new Plan(Map.of(
                weld.id(),
                new Plan.Scheduled(
                        weld.id(),
                        List.of(new TimeWindow(from, to)),
                        List.of("ines"),
                        from,
                        to,
                        List.of(new Reason(Reason.ReasonKind.BUSY, "unplaced", from)))));
        Milestones.Milestone reached =
                Milestones.milestone(problem, plan, Aim.RUNNER).orElseThrow();
        assertThat(reached.chain()).containsExactly(new ActivityId("weld"));
        assertThat(reached.holder()).isEqualTo(new ActivityId("weld"));
    }

    /** Where something that the aim needs has no place, no date is its date. Another aim keeps its own. */
    @Test
    void whatHasNoPlaceLeavesItsAimWithoutADate() {
        Activity part = Activity.order("part", Aim.RUNNER, Duration.ofDays(3));
        PlanProblem problem = problem(Duration.ofMinutes(30), part, Activity.job("paint", Aim.SHOW, 4, INES));
        Plan plan = Planner.plan(problem, new Planner.Budget(10, 1)).plan();
        assertThat(Milestones.milestone(problem, plan, Aim.RUNNER)).isPresent();
        assertThat(Milestones.milestone(problem, plan, Aim.SHOW)).isEmpty();
    }

    private static PlanProblem problem(Duration time, Activity... activities) {
        Instant from = JoiningTest.NOW;
        return PlanProblem.simple(
                from,
                from.plus(Duration.ofDays(9)),
                ZoneOffset.UTC,
                JoiningTest.withTime(time),
                List.of(activities),
                List.of());
    }
}
