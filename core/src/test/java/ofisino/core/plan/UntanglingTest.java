package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.Untangling;
import org.junit.jupiter.api.Test;

/** Stays of one access that wait for one another are one. Common practice, no source. */
class UntanglingTest {
    private static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z");
    private static final Planner.Budget BUDGET = new Planner.Budget(60, 1);

    private static Activity job(String id, String... states) {
        return Activity.job(id, Aim.RUNNER, 2, new Activity.Crew(1, List.of("ines")))
                .needing(Set.of(states));
    }

    private static StripDown stripDown(String id, String... jobs) {
        return new StripDown(
                id,
                "battery isolated",
                Optional.of(new ActivityId("off " + id)),
                new ActivityId("on " + id),
                List.of(jobs).stream().map(ActivityId::new).toList(),
                List.of());
    }

    /** The battery is off for the tank and for the wing: the tank comes off, the wing is mended, the tank goes back; then the engine starts. */
    private static PlanProblem tangled(List<Link> more) {
        List<Link> links = new java.util.ArrayList<>(List.of(
                Link.of("tank off", "mend the wing"),
                Link.of("mend the wing", "tank on"),
                Link.of("tank on", "start")));
        links.addAll(more);
        return PlanProblem.simple(
                        NOW,
                        NOW.plus(Duration.ofHours(60)),
                        ZoneOffset.UTC,
                        List.of(new Person("ines", List.of(new TimeWindow(NOW, NOW.plus(Duration.ofHours(60)))))),
                        List.of(
                                job("tank off"),
                                job("mend the wing"),
                                job("tank on"),
                                job("start", "POWERED"),
                                job("off tank"),
                                job("on tank"),
                                job("off wing"),
                                job("on wing")),
                        links)
                .withStripDowns(
                        List.of(stripDown("tank", "tank off", "tank on"), stripDown("wing", "mend the wing")),
                        List.of(new Exclusion("tank", "POWERED"), new Exclusion("wing", "POWERED")));
    }

    @Test
    void theyAreOneAndWhatTheyExcludeHolds() {
        PlanProblem problem = tangled(List.of());
        var circular = (PlanOutcome.Circular) Planner.plan(problem, BUDGET);
        PlanProblem one = Untangling.of(problem, circular.circle()).orElseThrow();
        assertThat(one.stripDowns()).hasSize(1);
        assertThat(one.exclusions()).isNotEmpty();
        var planned = (PlanOutcome.Planned) Planner.plan(one, BUDGET);
        assertThat(RuleBook.breaches(one, planned.plan())).isEmpty();
        Instant powered =
                planned.plan().of(new ActivityId("start")).orElseThrow().start();
        assertThat(planned.plan()
                        .of(one.stripDowns().get(0).refit())
                        .orElseThrow()
                        .end())
                .as("power is back before it starts")
                .isBeforeOrEqualTo(powered);
    }

    @Test
    void whatAPersonTangledAPersonResolves() {
        PlanProblem problem = tangled(List.of(Link.of("start", "tank off")));
        PlanOutcome outcome = Planner.plan(problem, BUDGET);
        for (int i = 0; i < 3 && outcome instanceof PlanOutcome.Circular c; i++) {
            Optional<PlanProblem> next = Untangling.of(problem, c.circle());
            if (next.isEmpty()) break;
            problem = next.get();
            outcome = Planner.plan(problem, BUDGET);
        }
        assertThat(outcome).isInstanceOf(PlanOutcome.Circular.class);
    }

    /** The sump has the car on stands and wants the oil out; the engine has the oil out and wants it on stands: both are open once for both. */
    @Test
    void whatTwoHoldFromEachOtherIsOpenedOnceForBoth() {
        PlanProblem problem = PlanProblem.simple(
                        NOW,
                        NOW.plus(Duration.ofHours(60)),
                        ZoneOffset.UTC,
                        List.of(new Person("ines", List.of(new TimeWindow(NOW, NOW.plus(Duration.ofHours(60)))))),
                        List.of(job("sump"), job("engine"), job("off s1"), job("on s1"), job("off s2"), job("on s2")),
                        List.of())
                .withStripDowns(List.of(stripDown("s1", "sump"), stripDown("s2", "engine")), List.of());
        List<PlanOutcome.Unplaced> stuck = List.of(new PlanOutcome.Unplaced(
                new ActivityId("off s2"), new Reason(Reason.ReasonKind.OTHER_STAY, "on s1", NOW)));
        PlanProblem once = Untangling.ofStays(problem, stuck).orElseThrow();
        assertThat(once.stripDowns())
                .singleElement()
                .satisfies(o -> assertThat(o.jobs())
                        .containsExactlyInAnyOrder(new ActivityId("sump"), new ActivityId("engine")));
        assertThat(Planner.plan(once, BUDGET)).isInstanceOf(PlanOutcome.Planned.class);
        List<PlanOutcome.Unplaced> both = List.of(
                stuck.get(0),
                new PlanOutcome.Unplaced(
                        new ActivityId("off s1"), new Reason(Reason.ReasonKind.OTHER_STAY, "on s2", NOW)));
        assertThat(Untangling.ofStays(problem, both)).as("neither is open").isEmpty();
    }
}
