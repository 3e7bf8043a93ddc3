package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.explain.Balance;
import ofisino.core.plan.explain.DoneAgain;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.Activity.Due;
import ofisino.core.plan.problem.Activity.Timing;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome.Planned;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.Purse;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.tonight.Ready;
import ofisino.core.plan.whatif.SplitProposals;
import ofisino.core.plan.whatif.Splitting;
import org.junit.jupiter.api.Test;

/** What is read from a statement and its plan: the money, what can be done now, what should be opened twice, what moved. All by hand. */
class AroundThePlanTest {
    private static final Instant NOW = Instant.parse("2026-03-02T08:00:00Z"); // a Monday
    private static final Crew INES = new Crew(1, List.of("ines"));

    /** 100.00 left, 50.00 more on 1 April; 80.00 for an order today, 30.00 when the job ends on 2 March; the lowest is −10.00 until April. */
    @Test
    void theBalanceFollowsWhatComesAndWhatIsDue() {
        Activity order =
                Activity.order("kit", Aim.RUNNER, Duration.ofDays(40)).with(List.of(new Due(8000, Due.When.START)));
        Activity job = job("fit").with(List.of(new Due(3000, Due.When.FINISH)));
        PlanProblem problem = problem(List.of(order, job), List.of())
                .withPurse(new Purse(10_000, -1000, List.of(new Purse.Income(LocalDate.of(2026, 4, 1), 5000))));
        assertThat(Balance.of(problem, plan(problem)))
                .containsExactly(
                        new Balance.Point(LocalDate.of(2026, 3, 2), -1000),
                        new Balance.Point(LocalDate.of(2026, 4, 1), 4000));
        assertThat(Balance.of(problem(List.of(job), List.of()), new Plan(Map.of())))
                .isEmpty();
    }

    /** 20.00 short this month: that stays as it is and may not get worse; from the first of the next month on 450.00 come. */
    @Test
    void aMonthThatIsShortAlreadyMayNotGetShorter() {
        Purse short20 = Purse.monthly(-2000, 45_000, LocalDate.of(2026, 12, 31), 2);
        assertThat(short20.floorMinor()).isEqualTo(-2000);
        assertThat(short20.income())
                .containsExactly(
                        new Purse.Income(LocalDate.of(2027, 1, 1), 45_000),
                        new Purse.Income(LocalDate.of(2027, 2, 1), 45_000));
        assertThat(Purse.monthly(2000, 45_000, LocalDate.of(2026, 12, 31), 1).floorMinor())
                .isZero();
    }

    @Test
    void onlyWhatWaitsForNothingIsReady() {
        List<Activity> activities = List.of(
                job("free"),
                job("second"),
                job("at a fixed time").with(Timing.FREE.startingAt(NOW)),
                job("later").with(Timing.FREE.notBefore(NOW.plusSeconds(900))),
                job("behind"),
                stripDown("strip outer"),
                stripDown("refit outer"),
                stripDown("strip inner"),
                stripDown("refit inner"),
                stripDown("refit open"),
                job("in the open"));
        PlanProblem problem = problem(activities, List.of(Link.of("free", "second")))
                .withStripDowns(
                        List.of(
                                stripDown("outer", "o", true, List.of("behind"), List.of()),
                                stripDown("inner", "i", true, List.of("behind"), List.of("outer")),
                                stripDown("open", "x", false, List.of("in the open"), List.of())),
                        List.of());
        assertThat(Ready.of(problem))
                .extracting(ActivityId::value)
                .containsExactlyInAnyOrder("free", "in the open", "strip outer");
    }

    /** The bay is lent from Saturday on, five days from now; the bench is taken until tonight, and of the barn half. */
    @Test
    void whatHasNoRoomAllDayIsNotReady() {
        var week = new TimeWindow(NOW, NOW.plus(Duration.ofDays(7)));
        PlanProblem problem = problem(List.of(in("lent"), in("bench"), in("barn")), List.of())
                .withPlaces(List.of(
                        Capacity.onlyIn(
                                "lent", 1, List.of(new TimeWindow(NOW.plus(Duration.ofDays(5)), week.to())), week),
                        new Capacity("bench", 1)
                                .less(List.of(
                                        new Capacity.Taken(new TimeWindow(NOW, NOW.plus(Duration.ofHours(9))), 1))),
                        new Capacity("barn", 2).less(List.of(new Capacity.Taken(week, 1)))));
        assertThat(Ready.of(problem)).extracting(ActivityId::value).containsExactlyInAnyOrder("bench", "barn");
    }

    private static Activity in(String place) {
        return job(place).with(new Activity.Demand(Optional.of(place), Map.of(), false, false));
    }

    /** An open access without jobs left can be closed; one that holds another open one cannot. */
    @Test
    void whatLiesInsideIsClosedFirst() {
        PlanProblem problem = problem(List.of(stripDown("refit outer"), stripDown("refit inner")), List.of())
                .withStripDowns(
                        List.of(
                                stripDown("outer", "o", false, List.of(), List.of()),
                                stripDown("inner", "i", false, List.of(), List.of("outer"))),
                        List.of());
        assertThat(Ready.of(problem)).extracting(ActivityId::value).containsExactly("refit inner");
    }

    /**
     * The brakes are opened for two jobs; the part of one comes after the inspection, so both wait for that. Opened twice, the other is done
     * before: the first milestone is reached eight days sooner.
     */
    @Test
    void aStayThatWaitsForAFixedTimeIsProposedToBeOpenedTwice() {
        Activity inspection = new Activity(
                new ActivityId("inspection"),
                Activity.ActivityKind.APPOINTMENT,
                Aim.SHOW,
                0,
                Crew.NOBODY,
                Timing.FREE.waiting(Duration.ofHours(1)).startingAt(NOW.plus(Duration.ofDays(6))),
                Activity.Demand.NONE,
                List.of(),
                Set.of("ROLLING"),
                false);
        PlanProblem problem = problem(
                        List.of(
                                job("lines"),
                                job("cylinder").with(Timing.FREE),
                                Activity.order("part", Aim.SHOW, Duration.ofDays(8)),
                                inspection,
                                stripDown("strip brakes"),
                                stripDown("refit brakes")),
                        List.of(Link.of("part", "cylinder")))
                .withStripDowns(
                        List.of(stripDown("brakes", "b", true, List.of("lines", "cylinder"), List.of())),
                        List.of(new Exclusion("brakes", "ROLLING")));
        // nothing is opened before what all its jobs wait for; here a person keeps it closed until the part is there
        PlanProblem waiting = problem.withActivities(problem.activities().stream()
                .map(a -> a.id().value().equals("strip brakes")
                        ? a.with(Timing.FREE.notBefore(NOW.plus(Duration.ofDays(7))))
                        : a)
                .toList());
        var proposals = SplitProposals.of(waiting, plan(waiting));
        assertThat(proposals)
                .extracting(SplitProposals.Proposal::stripDown, SplitProposals.Proposal::because)
                .containsExactly(tuple("brakes", new ActivityId("inspection")));
        assertThat(proposals.get(0).leaving()).containsExactly(new ActivityId("cylinder"));
        PlanProblem twice = Splitting.split(problem, "brakes", proposals.get(0).leaving());
        Plan plan = plan(twice);
        assertThat(plan.of(new ActivityId("refit brakes")).orElseThrow().end()).isBefore(NOW.plus(Duration.ofDays(1)));
        assertThat(Milestones.milestone(twice, plan, Aim.SHOW).orElseThrow().finish())
                .isBefore(NOW.plus(Duration.ofDays(9)));
        assertThat(SplitProposals.of(twice, plan)).isEmpty();
    }

    @Test
    void whatBeginsOnAnotherDayHasMoved() {
        PlanProblem problem = problem(List.of(job("a"), job("b")), List.of(Link.of("a", "b")));
        Plan before = plan(problem);
        PlanProblem later = problem.withActivities(
                List.of(job("a"), job("b").with(Timing.FREE.notBefore(NOW.plus(Duration.ofDays(3))))));
        assertThat(plan(later).movedFrom(before, ZoneOffset.UTC))
                .extracting(m -> m.id().value(), Plan.Moved::before)
                .containsExactly(
                        tuple("b", before.of(new ActivityId("b")).orElseThrow().start()));
        assertThat(before.movedFrom(before, ZoneOffset.UTC)).isEmpty();
    }

    /** A job of an hour behind a strip-down of half an hour each way is two hours, one beside it is its own. */
    @Test
    void aJobDoneAgainIsDoneWithItsWayIn() {
        PlanProblem problem = problem(
                        List.of(job("a"), job("b"), stripDown("strip s"), stripDown("refit s")), List.of())
                .withStripDowns(
                        List.of(job("a"), job("b"), stripDown("strip s"), stripDown("refit s")),
                        List.of(),
                        List.of(stripDown("s", "engine-out", true, List.of("a"), List.of())),
                        List.of());
        var again = new DoneAgain(problem);
        assertThat(again.work(new ActivityId("a"))).isEqualTo(Duration.ofHours(2));
        assertThat(again.work(new ActivityId("b"))).isEqualTo(Duration.ofHours(1));
        assertThat(again.work(new ActivityId("nowhere"))).isZero();
    }

    private static PlanProblem problem(List<Activity> activities, List<Link> links) {
        var always = new TimeWindow(NOW, NOW.plus(Duration.ofDays(60)));
        return PlanProblem.simple(
                NOW,
                NOW.plus(Duration.ofDays(60)),
                ZoneOffset.UTC,
                List.of(new Person("ines", List.of(always))),
                activities,
                links);
    }

    private static Activity job(String id) {
        return Activity.job(id, Aim.RUNNER, 4, INES);
    }

    private static Activity stripDown(String id) {
        return Activities.ofAccess(
                id,
                id.startsWith("strip") ? Activity.ActivityKind.STRIP : Activity.ActivityKind.REFIT,
                Aim.RUNNER,
                2,
                INES);
    }

    private static StripDown stripDown(
            String id, String access, boolean closed, List<String> jobs, List<String> inside) {
        return new StripDown(
                id,
                access,
                closed ? Optional.of(new ActivityId("strip " + id)) : Optional.empty(),
                new ActivityId("refit " + id),
                jobs.stream().map(ActivityId::new).toList(),
                inside);
    }

    private static Plan plan(PlanProblem problem) {
        return ((Planned) Planner.plan(problem, new Planner.Budget(60, 1))).plan();
    }
}
