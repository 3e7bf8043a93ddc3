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
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.Joining;
import org.junit.jupiter.api.Test;

/** An exhaust that is renewed, and a gearbox that comes out past it: nothing is put on to be taken off again. */
class OpenedByWorkTest {
    private static final Instant MONDAY = Instant.parse("2026-03-02T00:00:00Z");
    private static final Crew INES = new Crew(1, List.of("ines"));
    private static final OpenedByWork EXHAUST =
            new OpenedByWork(Set.of("exhaust-front-off", "exhaust-off"), Optional.of(id("old-off")), id("train-on"));

    private static ActivityId id(String name) {
        return new ActivityId(name);
    }

    private static PlanProblem car(Link... more) {
        List<TimeWindow> days = Activities.sessions(MONDAY, 7, 60, 4);
        List<Activity> work = new ArrayList<>();
        for (String job : List.of("old-off", "train-on", "gearbox", "pipe-off", "pipe-on", "stands", "down"))
            work.add(Activity.job(job, Aim.ROAD_READY, 4, INES));
        List<Link> links = new ArrayList<>(List.of(more));
        links.add(Link.of("old-off", "train-on"));
        return PlanProblem.simple(
                        MONDAY,
                        MONDAY.plus(Duration.ofDays(420)),
                        ZoneOffset.UTC,
                        List.of(new Person("ines", days)),
                        work,
                        links)
                .withStripDowns(
                        List.of(
                                stripDown(
                                        "s1",
                                        "on-stands",
                                        "stands",
                                        "down",
                                        List.of("gearbox", "old-off", "train-on"),
                                        List.of()),
                                stripDown(
                                        "s2",
                                        "exhaust-front-off",
                                        "pipe-off",
                                        "pipe-on",
                                        List.of("gearbox"),
                                        List.of("s1"))),
                        List.of());
    }

    private static Activity access(ActivityId id, Activity.ActivityKind kind) {
        return Activities.ofAccess(id.value(), kind, Aim.ROAD_READY, 2, INES);
    }

    private static StripDown stripDown(
            String id, String access, String strip, String refit, List<String> jobs, List<String> inside) {
        return new StripDown(
                id,
                access,
                Optional.of(id(strip)),
                id(refit),
                jobs.stream().map(OpenedByWorkTest::id).toList(),
                inside);
    }

    @Test
    void whatIsDoneBehindItIsDoneWhileItIsOffAnyway() {
        PlanProblem problem = EXHAUST.in(car(), Set.of());
        assertThat(problem.activities())
                .extracting(a -> a.id().value())
                .containsExactlyInAnyOrder("old-off", "train-on", "gearbox", "stands", "down");
        Plan plan = ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(20, 1))).plan();
        List<String> order = List.of("stands", "old-off", "gearbox", "train-on", "down");
        for (int i = 1; i < order.size(); i++)
            assertThat(plan.of(id(order.get(i))).orElseThrow().start())
                    .as(order.get(i))
                    .isAfterOrEqualTo(
                            plan.of(id(order.get(i - 1))).orElseThrow().end());
    }

    @Test
    void onceTheOldOneIsOffItIsOpen() {
        PlanProblem problem =
                new OpenedByWork(EXHAUST.accesses(), Optional.empty(), EXHAUST.closes()).in(car(), Set.of());
        assertThat(problem.stripDowns())
                .filteredOn(s -> s.id().equals("s2"))
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.strip()).isEmpty();
                    assertThat(s.refit()).isEqualTo(id("train-on"));
                });
    }

    /** The gearbox is tried with the new exhaust on: then the pipe comes off again, and the plan says so. */
    @Test
    void whatWouldRunInACircleStaysAsItWas() {
        PlanProblem tried = car(Link.of("train-on", "gearbox"));
        assertThat(EXHAUST.in(tried, Set.of())).isEqualTo(tried);
        var sump = new OpenedByWork(Set.of("sump-off"), Optional.of(id("old-off")), id("train-on"));
        assertThat(sump.in(car(), Set.of())).isEqualTo(car());
    }

    @Test
    void whatAPersonWantsByItselfStaysSo() {
        assertThat(EXHAUST.in(car(), Set.of("s2"))).isEqualTo(car());
        assertThat(EXHAUST.in(car(), Set.of("s1")).stripDowns())
                .as("nothing is taken from it")
                .anyMatch(s -> s.refit().equals(id("train-on")));
    }

    /** The wheels come off twice in it, and the pipe comes off once more for the clutch: the wheels become one, what the work opens stays by itself. */
    @Test
    void whatItKeepsOpenIsOpenedOnceForAll() {
        PlanProblem problem = EXHAUST.in(car(), Set.of());
        List<StripDown> more = new ArrayList<>(problem.stripDowns());
        more.add(stripDown("w1", "wheels-off", "w1-off", "w1-on", List.of("brakes"), List.of("s1")));
        more.add(stripDown("w2", "wheels-off", "w2-off", "w2-on", List.of("arch"), List.of("s1")));
        more.add(stripDown("s3", "exhaust-front-off", "off-again", "on-again", List.of("clutch"), List.of("s1")));
        List<Activity> work = new ArrayList<>(problem.activities());
        for (String job : List.of("brakes", "arch", "clutch")) work.add(Activity.job(job, Aim.ROAD_READY, 4, INES));
        for (StripDown s : more.subList(problem.stripDowns().size(), more.size())) {
            work.add(access(s.strip().orElseThrow(), Activity.ActivityKind.STRIP));
            work.add(access(s.refit(), Activity.ActivityKind.REFIT));
        }
        PlanProblem two = problem.withStripDowns(work, problem.links(), more, List.of());
        PlanProblem once = OpenedByWork.regrouped(two, Set.of());
        assertThat(once.stripDowns())
                .filteredOn(s -> s.access().equals("wheels-off"))
                .hasSize(1);
        assertThat(once.stripDowns())
                .filteredOn(s -> s.refit().equals(id("train-on")))
                .singleElement()
                .satisfies(s -> assertThat(s.strip()).contains(id("old-off")));
        assertThat(OpenedByWork.regrouped(two, Set.of("w2")).stripDowns())
                .as("a person wants them apart")
                .filteredOn(s -> s.access().equals("wheels-off"))
                .hasSize(2);
    }

    /** A person joins it with another strip-down of the same: the work by which it is opened is done all the same. */
    @Test
    void whatIsJoinedLosesNoWork() {
        PlanProblem problem = EXHAUST.in(car(), Set.of());
        List<StripDown> more = new ArrayList<>(problem.stripDowns());
        more.add(0, stripDown("s3", "exhaust-front-off", "off-again", "on-again", List.of("clutch"), List.of("s1")));
        List<Activity> work = new ArrayList<>(problem.activities());
        for (String job : List.of("off-again", "on-again", "clutch"))
            work.add(Activity.job(job, Aim.ROAD_READY, 4, INES));
        PlanProblem two = problem.withStripDowns(work, problem.links(), more, List.of());
        assertThat(Joining.join(two, List.of("s3", "s2")).activities())
                .extracting(a -> a.id().value())
                .contains("old-off", "train-on");
    }
}
