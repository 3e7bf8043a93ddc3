package ofisino.core.plan.grouping;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.Activities;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.ActivityKind;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** Wheels on, wheels off: what a plan closes and opens again at once is open once, where nothing is later for it. */
class BackToBackTest {
    private static final Instant MONDAY = Instant.parse("2026-03-02T00:00:00Z");
    private static final Crew INES = new Crew(1, List.of("ines"));

    private static ActivityId id(String name) {
        return new ActivityId(name);
    }

    /** Brakes, then joints, each with the wheels off; what comes between keeps them apart. */
    private static PlanProblem car(String... between) {
        List<TimeWindow> days = Activities.sessions(MONDAY, 1, 60, 4);
        List<Activity> work = Stream.concat(
                        Stream.of("off-1", "brakes", "on-1", "off-2", "joints", "on-2"), Stream.of(between))
                .map(BackToBackTest::activity)
                .toList();
        List<Link> links = between.length == 0
                ? List.of(Link.of("on-1", "off-2"))
                : List.of(Link.of("on-1", between[0]), Link.of(between[0], "off-2"));
        return PlanProblem.simple(
                        MONDAY,
                        MONDAY.plus(Duration.ofDays(60)),
                        ZoneOffset.UTC,
                        List.of(new Person("ines", days)),
                        work,
                        links)
                .withStripDowns(
                        List.of(
                                new StripDown(
                                        "s1",
                                        "wheels-off",
                                        Optional.of(id("off-1")),
                                        id("on-1"),
                                        List.of(id("brakes")),
                                        List.of()),
                                new StripDown(
                                        "s2",
                                        "wheels-off",
                                        Optional.of(id("off-2")),
                                        id("on-2"),
                                        List.of(id("joints")),
                                        List.of())),
                        List.of());
    }

    private static Activity activity(String name) {
        if (name.startsWith("off")) return Activities.ofAccess(name, ActivityKind.STRIP, Aim.ROAD_READY, 2, INES);
        if (name.startsWith("on")) return Activities.ofAccess(name, ActivityKind.REFIT, Aim.ROAD_READY, 2, INES);
        return Activity.job(name, Aim.ROAD_READY, name.equals("roll out") ? 120 : 2, INES);
    }

    private static PlanOutcome planned(PlanProblem problem) {
        return Planner.plan(problem, new Planner.Budget(20, 1));
    }

    @Test
    void whatIsClosedAndOpenedAgainAtOnceIsOpenOnce() {
        PlanProblem twice = car();
        PlanOutcome before = planned(twice);
        PlanProblem once = BackToBack.joined(twice, before.plan(), Set.of()).orElseThrow();
        assertThat(once.stripDowns())
                .singleElement()
                .satisfies(s -> assertThat(s.jobs()).containsExactlyInAnyOrder(id("brakes"), id("joints")));
        assertThat(BackToBack.isBetter(once, planned(once), twice, before)).isTrue();
        assertThat(BackToBack.isBetter(twice, before, once, planned(once))).isFalse();
    }

    @Test
    void whatStandsForDaysBetweenOrIsWantedApartStays() {
        PlanProblem rolled = car("roll out");
        assertThat(BackToBack.joined(rolled, planned(rolled).plan(), Set.of())).isEmpty();
        PlanProblem twice = car();
        assertThat(BackToBack.joined(twice, planned(twice).plan(), Set.of("s2")))
                .as("a person wants it so")
                .isEmpty();
    }
}
