package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import ofisino.core.Seeds;
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
import ofisino.core.plan.referee.Garages;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.Undated;
import org.junit.jupiter.api.Test;

/** What waits for something without a date has none; the rest keeps its own. Common practice, no source. */
class UndatedTest {
    private static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z");
    private static final Activity.Crew INES = new Activity.Crew(1, List.of("ines"));

    /** By hand: the clutch goes with the gearbox out; beside it paint, then trim; a drive at the end, and an inspection at its fixed time. */
    private static PlanProblem car() {
        var all = new TimeWindow(NOW, NOW.plus(Duration.ofHours(40)));
        List<Activity> activities = List.of(
                work("paint"),
                work("trim"),
                order("lamp"),
                order("lining"),
                work("clutch"),
                stripDown("gearbox out", Activity.ActivityKind.STRIP),
                stripDown("gearbox in", Activity.ActivityKind.REFIT),
                work("drive"),
                work("road test"),
                new Activity(
                        new ActivityId("inspection"),
                        Activity.ActivityKind.APPOINTMENT,
                        Aim.DRIVER,
                        0,
                        Activity.Crew.NOBODY,
                        Activity.Timing.FREE.startingAt(NOW.plus(Duration.ofHours(30))),
                        Activity.Demand.NONE,
                        List.of(),
                        Set.of("ROLLING"),
                        false));
        return PlanProblem.simple(
                        NOW,
                        NOW.plus(Duration.ofHours(40)),
                        ZoneOffset.UTC,
                        List.of(new Person("ines", List.of(all))),
                        activities,
                        List.of(
                                Link.of("paint", "trim"),
                                Link.of("lamp", "trim"),
                                Link.of("lining", "clutch"),
                                Link.of("clutch", "drive"),
                                Link.of("drive", "road test"),
                                Link.of("road test", "inspection")))
                .withStripDowns(
                        List.of(new StripDown(
                                "gearbox",
                                "gearbox",
                                Optional.of(new ActivityId("gearbox out")),
                                new ActivityId("gearbox in"),
                                List.of(new ActivityId("clutch")),
                                List.of())),
                        List.of(new Exclusion("gearbox", "ROLLING")));
    }

    private static Activity work(String id) {
        return Activity.job(id, Aim.DRIVER, 2, INES);
    }

    private static Activity order(String id) {
        return Activity.order(id, Aim.DRIVER, Duration.ofHours(1));
    }

    private static Activity stripDown(String id, Activity.ActivityKind kind) {
        return Activities.ofAccess(id, kind, Aim.DRIVER, 1, INES);
    }

    private static Set<ActivityId> ids(String... names) {
        return Stream.of(names).map(ActivityId::new).collect(Collectors.toSet());
    }

    private static Set<String> left(PlanProblem problem) {
        return problem.activities().stream().map(a -> a.id().value()).collect(Collectors.toSet());
    }

    /** The order that only serves what is left out is not placed either; the inspection keeps the time that somebody else gave. */
    @Test
    void whatComesAfterGoesToo() {
        Undated.Rest noPaint = Undated.leaveOut(car(), Set.of(), ids("paint"));
        assertThat(noPaint.leftOut()).isEqualTo(ids("paint", "trim"));
        assertThat(left(noPaint.problem()))
                .doesNotContain("paint", "trim", "lamp")
                .hasSize(7);
        Undated.Rest noDrive = Undated.leaveOut(car(), ids("drive"), Set.of());
        assertThat(noDrive.leftOut()).isEqualTo(ids("drive", "road test"));
        assertThat(left(noDrive.problem())).contains("inspection", "clutch", "lining");
    }

    /** Paint is done with the gearbox out as well: with the clutch out of the plan the gearbox would go in again without it. */
    @Test
    void aAccessIsNotClosedOverWhatWaitsForAnAnswer() {
        StripDown alone = car().stripDowns().get(0);
        var both = new StripDown(
                alone.id(),
                alone.access(),
                alone.strip(),
                alone.refit(),
                List.copyOf(ids("clutch", "paint")),
                List.of());
        PlanProblem car = car().withStripDowns(List.of(both), car().exclusions());
        Undated.Rest rest = Undated.leaveOut(car, Set.of(), ids("clutch"));
        assertThat(rest.leftOut()).isEmpty();
        assertThat(rest.problem()).isEqualTo(car);
    }

    /** Nobody takes the gearbox out for a clutch of which he does not know when it comes. */
    @Test
    void aAccessOnlyForWhatWaitsIsNotOpened() {
        Undated.Rest rest = Undated.leaveOut(car(), Set.of(), ids("clutch"));
        assertThat(left(rest.problem())).containsExactlyInAnyOrder("paint", "trim", "lamp", "inspection");
        assertThat(rest.problem().stripDowns()).isEmpty();
    }

    /** What may not be offered goes, and nothing is opened for it. */
    @Test
    void whatIsShutGoesWithItsAccess() {
        Undated.Rest rest = Undated.leaveOut(car(), ids("clutch"), Set.of());
        assertThat(left(rest.problem())).containsExactlyInAnyOrder("paint", "trim", "lamp", "inspection");
        assertThat(rest.problem().stripDowns()).isEmpty();
        assertThat(rest.problem().exclusions()).isEmpty();
    }

    @Test
    void withNothingToWaitForNothingChanges() {
        assertThat(Undated.leaveOut(car(), Set.of(), Set.of()).problem()).isEqualTo(car());
    }

    /** Whatever is taken out of whatever garage: none of it is left, nothing follows what is gone, and a plan of the rest keeps all rules. */
    @Property(tries = 150, seed = Seeds.OF_THE_DAY)
    void theRestIsWhole(@ForAll("garages") PlanProblem problem, @ForAll int which, @ForAll boolean shut) {
        List<Activity> jobs = problem.activities().stream()
                .filter(a -> a.kind() == Activity.ActivityKind.JOB
                        && a.timing().fixedStart().isEmpty())
                .toList();
        if (jobs.isEmpty()) return;
        Set<ActivityId> one = Set.of(jobs.get(Math.floorMod(which, jobs.size())).id());
        Undated.Rest rest = Undated.leaveOut(problem, shut ? one : Set.of(), shut ? Set.of() : one);
        Set<ActivityId> there =
                rest.problem().activities().stream().map(Activity::id).collect(Collectors.toSet());
        assertThat(there).noneMatch(rest.leftOut()::contains);
        if (shut) assertThat(rest.leftOut()).containsAll(one);
        for (Link l : problem.links())
            if (rest.leftOut().contains(l.before()))
                assertThat(rest.leftOut().contains(l.after()) || isFixed(problem, l.after()))
                        .isTrue();
        if (Planner.plan(rest.problem(), new Planner.Budget(60, 1)) instanceof PlanOutcome.Planned p)
            assertThat(RuleBook.breaches(rest.problem(), p.plan())).isEmpty();
    }

    private static boolean isFixed(PlanProblem problem, ActivityId id) {
        return problem.activities().stream()
                .anyMatch(a -> a.id().equals(id) && a.timing().fixedStart().isPresent());
    }

    @Provide
    Arbitrary<PlanProblem> garages() {
        return Garages.arbitrary();
    }
}
