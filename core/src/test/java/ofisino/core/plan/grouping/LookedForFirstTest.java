package ofisino.core.plan.grouping;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.Activities;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** An engine that leaks, and comes out for something else. */
class LookedForFirstTest {
    private static final Instant MONDAY = Instant.parse("2026-03-02T00:00:00Z");
    private static final Crew INES = new Crew(1, List.of("ines"));
    private static final Set<ActivityId> LOOK = Set.of(id("look"));

    private static ActivityId id(String name) {
        return new ActivityId(name);
    }

    /** @param open the engine is out already */
    private static PlanProblem car(boolean open, Link... more) {
        List<Activity> work = new ArrayList<>();
        for (String job : List.of("out", "bearings", "in", "look"))
            work.add(Activity.job(job, job.equals("look") ? Aim.DRIVER : Aim.RUNNER, 4, INES));
        work.add(Activity.order("gauge", Aim.DRIVER, Duration.ofDays(5)));
        work.set(3, work.get(3).needing(Set.of("RUNNING")));
        if (open) work.remove(0);
        return PlanProblem.simple(
                        MONDAY,
                        MONDAY.plus(Duration.ofDays(90)),
                        ZoneOffset.UTC,
                        List.of(new Person("ines", Activities.sessions(MONDAY, 7, 12, 4))),
                        work,
                        List.of(more))
                .withStripDowns(
                        List.of(new StripDown(
                                "engine",
                                "engine-out",
                                open ? Optional.empty() : Optional.of(id("out")),
                                id("in"),
                                List.of(id("bearings")),
                                List.of())),
                        List.of(new Exclusion("engine", "RUNNING")));
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
