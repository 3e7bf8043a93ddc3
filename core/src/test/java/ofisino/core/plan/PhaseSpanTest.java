package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import ofisino.core.plan.explain.PhaseSpan;
import ofisino.core.plan.grouping.Grouping;
import ofisino.core.plan.orderofwork.Phase;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** By hand: a seal and a mount behind the engine and the bonnet, opened once for both. */
class PhaseSpanTest {
    private final PlanProblem problem = Grouping.of(JoiningTest.twice(), Set.of());
    private final Plan plan = Planner.plan(problem, new Planner.Budget(60, 1)).plan();

    @Test
    void whatIsOpenedIsOpenedInTheFirstPhaseOfItsJobsAndClosedInTheLast() {
        List<PhaseSpan> spans = PhaseSpan.of(
                problem,
                plan,
                List.of(
                        work("seal", Phase.MECHANICAL, 90),
                        work("mount", Phase.REFIT, 45),
                        new PhaseSpan.Work(new ActivityId("look"), Phase.ASSESS_AND_STRIP, true, 0, 75)));
        assertThat(spans)
                .extracting(PhaseSpan::phase)
                .containsExactly(Phase.ASSESS_AND_STRIP, Phase.MECHANICAL, Phase.REFIT);
        PhaseSpan looked = spans.get(0);
        assertThat(looked.from()).isEmpty();
        assertThat(looked.minutesDone()).isEqualTo(75);
        assertThat(looked.jobsLeft()).isZero();
        PhaseSpan mechanical = spans.get(1);
        assertThat(mechanical.minutesLeft()).isEqualTo(90 + minutes("strip engine1") + minutes("strip bonnet1"));
        assertThat(mechanical.from())
                .contains(plan.of(id("strip bonnet1")).orElseThrow().start());
        PhaseSpan refit = spans.get(2);
        assertThat(refit.minutesLeft()).isEqualTo(45 + minutes("refit engine1") + minutes("refit bonnet1"));
        assertThat(refit.last().orElseThrow().id()).isEqualTo(id("refit bonnet1"));
    }

    @Test
    void whatHasNoDateIsCountedAndNotLost() {
        PhaseSpan road = PhaseSpan.of(problem, plan, List.of(work("first drive", Phase.ROAD, 30)))
                .get(0);
        assertThat(road.undated()).isEqualTo(1);
        assertThat(road.minutesLeft()).isEqualTo(30);
        assertThat(road.last()).isEmpty();
    }

    private static PhaseSpan.Work work(String id, Phase phase, int minutesLeft) {
        return new PhaseSpan.Work(id(id), phase, false, minutesLeft, 0);
    }

    private static ActivityId id(String id) {
        return new ActivityId(id);
    }

    private int minutes(String activity) {
        return problem.activities().stream()
                        .filter(a -> a.id().equals(id(activity)))
                        .mapToInt(a -> a.workSlots())
                        .sum()
                * 15;
    }
}
