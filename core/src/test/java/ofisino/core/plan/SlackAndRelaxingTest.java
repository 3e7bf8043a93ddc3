package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.Seeds;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.Activity.Timing;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanOutcome.Planned;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.referee.Garages;
import ofisino.core.plan.sentout.DaysAway;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.solve.Planner.Budget;
import ofisino.core.plan.solve.Slack;
import ofisino.core.plan.whatif.Relaxations;
import ofisino.core.plan.whatif.Relaxations.Relaxation;
import ofisino.core.plan.whatif.Relaxations.RelaxationKind;
import ofisino.core.plan.whatif.Sooner;
import org.jgrapht.alg.shortestpath.BellmanFordShortestPath;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;
import org.junit.jupiter.api.Test;

class SlackAndRelaxingTest {
    private static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z"); // a Monday
    private static final Crew INES = new Crew(1, List.of("ines"));
    private static final Budget SMALL = new Budget(60, 1);

    /** By hand: evenings Tue and Thu of 2 h. Strip takes all of Tuesday, fit all of Thursday; the seal (1 day) may be ordered until Wednesday 18:00. */
    @Test
    void anOrderMayWaitUntilItsPartIsNeeded() {
        var seal = Activity.order("seal", Aim.ROAD_READY, Duration.ofDays(1));
        PlanProblem problem =
                problem(List.of(job("strip", 8), job("fit", 8), seal), Link.of("strip", "fit"), Link.of("seal", "fit"));
        Plan plan = plan(problem);
        Map<ActivityId, Instant> latest = Slack.latestStarts(problem, plan);
        assertThat(latest.get(new ActivityId("seal"))).isEqualTo(Instant.parse("2026-03-04T18:00:00Z"));
        assertThat(latest.get(new ActivityId("strip"))).isEqualTo(Instant.parse("2026-03-03T18:00:00Z"));
    }

    /** By hand: paint dries until next Tuesday; meanwhile half an hour of glass could wait for Thursday, but not if it must be done by Wednesday. */
    @Test
    void aDeadlineOfItsOwnLeavesLessTime() {
        var glass = job("glass", 2);
        var paint = job("paint", 4).with(Timing.FREE.waiting(Duration.ofDays(7)));
        Instant wednesday = Instant.parse("2026-03-04T12:00:00Z");
        PlanProblem free = problem(List.of(glass, paint));
        PlanProblem bound = problem(List.of(glass.with(Timing.FREE.by(wednesday)), paint));
        var id = new ActivityId("glass");
        assertThat(Slack.latestStarts(bound, plan(bound)).get(id).plus(Duration.ofMinutes(30)))
                .isBeforeOrEqualTo(wednesday);
        assertThat(Slack.latestStarts(free, plan(free)).get(id)).isAfter(wednesday);
    }

    /** Textbook network of Hillier and Lieberman: with plenty of crews the floats are those of the critical path method (oracle: their table). */
    @Test
    void withPlentyOfEverythingTheFloatsAreThoseOfTheCriticalPathMethod() {
        int[] d = {2, 4, 10, 6, 4, 5, 7, 9, 7, 8, 4, 5, 2, 6};
        int[] totalFloat = {0, 0, 0, 4, 0, 0, 4, 4, 2, 0, 1, 0, 4, 0};
        String arcs = "0>1 1>2 2>3 2>4 4>5 3>6 4>7 6>7 2>8 5>9 8>9 9>10 9>11 7>12 10>13 11>13";
        List<Activity> activities = new ArrayList<>();
        for (int a = 0; a < d.length; a++)
            activities.add(Activity.job("" + a, Aim.RUNNER, d[a], Crew.NOBODY).with(Timing.FREE.inOneSitting()));
        List<Link> links = new ArrayList<>();
        for (String arc : arcs.split(" ")) links.add(Link.of(arc.split(">")[0], arc.split(">")[1]));
        PlanProblem problem =
                PlanProblem.simple(NOW, NOW.plus(Duration.ofDays(3)), ZoneOffset.UTC, List.of(), activities, links);
        Plan plan = plan(problem);
        Map<ActivityId, Instant> latest = Slack.latestStarts(problem, plan);
        for (int a = 0; a < d.length; a++) {
            var id = new ActivityId("" + a);
            long slots = Duration.between(plan.of(id).orElseThrow().start(), latest.get(id))
                            .toMinutes()
                    / 15;
            assertThat(slots).as("activity %d", a).isEqualTo(totalFloat[a]);
        }
    }

    /** With plenty of everything a plan is as long as the longest path, which an independent library finds: JGraphT 1.5, Bellman and Ford. */
    @Property(tries = 60, seed = Seeds.OF_THE_DAY)
    void withPlentyOfEverythingThePlanIsAsLongAsTheLongestPath(@ForAll @IntRange(max = 100_000) int seed) {
        var dice = new Random(seed);
        var graph = new SimpleDirectedWeightedGraph<Integer, DefaultWeightedEdge>(DefaultWeightedEdge.class);
        List<Activity> activities = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        int n = 20;
        for (int a = -1; a <= n; a++) graph.addVertex(a);
        for (int a = 0; a < n; a++) {
            int slots = 1 + dice.nextInt(12);
            activities.add(Activity.job("" + a, Aim.RUNNER, slots, Crew.NOBODY).with(Timing.FREE.inOneSitting()));
            graph.setEdgeWeight(graph.addEdge(-1, a), 0);
            graph.setEdgeWeight(graph.addEdge(a, n), -slots);
            for (int b = a + 1; b < n; b++)
                if (dice.nextInt(5) == 0) {
                    links.add(Link.of("" + a, "" + b));
                    graph.setEdgeWeight(graph.addEdge(a, b), -slots);
                }
        }
        PlanProblem problem =
                PlanProblem.simple(NOW, NOW.plus(Duration.ofDays(9)), ZoneOffset.UTC, List.of(), activities, links);
        long longest = Math.round(-new BellmanFordShortestPath<>(graph).getPathWeight(-1, n));
        Instant last = plan(problem).activities().values().stream()
                .map(Plan.Scheduled::end)
                .max(Instant::compareTo)
                .orElseThrow();
        assertThat(Duration.between(NOW, last).toMinutes() / 15).isEqualTo(longest);
    }

    /**
     * Scenario 9: a tour begins on 2 April, 11 weeks away; the plan takes 9.5 of them, 1.5 are to spare. By hand: 40 h on Thursdays and Sundays from
     * 10 to 12, from Thursday 15 January on, end with the 20th time, Sunday 22 March.
     */
    @Test
    void aTourLeavesAWeekAndAHalfToSpare() {
        Instant now = Instant.parse("2026-01-15T00:00:00Z");
        Instant tour = Instant.parse("2026-04-02T00:00:00Z");
        List<TimeWindow> windows = new ArrayList<>();
        for (LocalDate day = LocalDate.of(2026, 1, 15); day.isBefore(LocalDate.of(2026, 6, 1)); day = day.plusDays(7))
            for (LocalDate at : List.of(day, day.plusDays(3)))
                windows.add(new TimeWindow(Instant.parse(at + "T10:00:00Z"), Instant.parse(at + "T12:00:00Z")));
        PlanProblem problem = PlanProblem.simple(
                now,
                now.plus(Duration.ofDays(130)),
                ZoneOffset.UTC,
                List.of(new Person("ines", windows)),
                List.of(job("damage", 160).with(Timing.FREE.by(tour))),
                List.of());
        Instant finish =
                plan(problem).of(new ActivityId("damage")).orElseThrow().end();
        assertThat(Duration.between(now, tour)).isEqualTo(Duration.ofDays(77));
        assertThat(Duration.between(now, finish)).isEqualTo(Duration.ofHours(66 * 24 + 12));
        assertThat(Duration.between(finish, tour)).isEqualTo(Duration.ofHours(10 * 24 + 12));
        assertThat(Relaxations.least(problem.withActivities(
                        List.of(job("damage", 160).with(Timing.FREE.by(finish.minusSeconds(1)))))))
                .contains(new Relaxation(RelaxationKind.DATE, 1));
    }

    @Property(tries = 150, seed = Seeds.OF_THE_DAY)
    void nothingMayStartSoonerThanItDoes(@ForAll("garages") PlanProblem problem) {
        Assume.that(Planner.plan(problem, SMALL) instanceof Planned);
        Plan plan = plan(problem);
        Map<ActivityId, Instant> latest = Slack.latestStarts(problem, plan);
        assertThat(latest).hasSameSizeAs(problem.activities());
        plan.activities().values().forEach(s -> assertThat(latest.get(s.id())).isAfterOrEqualTo(s.start()));
    }

    /**
     * By hand: 9 slots in one go and evenings of 8: a quarter of an hour more is enough, nothing else is.
     */
    @Test
    void workThatIsLongerThanAnyWorkSessionAsksForALongerOne() {
        PlanProblem problem = problem(List.of(job("long", 9).with(Timing.FREE.inOneSitting())));
        assertThat(Relaxations.least(problem)).containsExactly(new Relaxation(RelaxationKind.SESSION, 15));
    }

    /** By hand: 16 slots by Wednesday midnight; Tuesday has 8. One evening a week more (Monday) is enough; or a deadline 1 day later (Thursday evening). */
    @Test
    void aDeadlineAsksForADayOrAWorkSession() {
        PlanProblem problem =
                problem(List.of(job("paint", 16).with(Timing.FREE.by(Instant.parse("2026-03-04T23:59:00Z")))));
        assertThat(Relaxations.least(problem))
                .extracting(Relaxation::kind, Relaxation::amount)
                .contains(tuple(RelaxationKind.DATE, 1L), tuple(RelaxationKind.WORK_SESSIONS, 1L))
                .doesNotContain(tuple(RelaxationKind.MONEY, 1L));
    }

    /** Lifting takes two and nobody else has time: somebody who comes once a week makes it possible, nothing else does. */
    @Test
    void aHelperWhoIsMissingIsAskedFor() {
        PlanProblem alone =
                problem(List.of(Activity.job("lift", Aim.ROAD_READY, 4, new Crew(2, List.of("ines", "somebody")))));
        PlanProblem missed = alone.withPeople(List.of(alone.people().get(0), new Person("somebody", List.of())));
        assertThat(Relaxations.least(missed)).containsExactly(new Relaxation(RelaxationKind.HELPER, 1));
        assertThat(whyNot(missed)).isEqualTo(new Reason(Reason.ReasonKind.NO_TIME, "somebody", missed.horizon()));
    }

    /** Lent on Sundays, needed on Tuesdays; light from six to six, needed from six to eight in the evening: the place is named, the dark is named. */
    @Test
    void whatIsNeverThereIsNamed() {
        List<TimeWindow> sundays = new ArrayList<>();
        List<TimeWindow> days = new ArrayList<>();
        for (int d = 0; d < 50; d++) {
            Instant six = Instant.parse("2026-03-03T06:00:00Z").plus(Duration.ofDays(d));
            days.add(new TimeWindow(six, six.plus(Duration.ofHours(12))));
            if (d % 7 == 5) sundays.add(new TimeWindow(six, six.plus(Duration.ofHours(16))));
        }
        Activity inBay = job("weld", 2).with(new Activity.Demand(Optional.of("lent"), Map.of(), false, false));
        PlanProblem lent = problem(List.of(inBay));
        var whole = new TimeWindow(NOW, lent.horizon());
        assertThat(whyNot(lent.withPlaces(List.of(PlanProblem.Capacity.onlyIn("lent", 1, sundays, whole)))))
                .isEqualTo(new Reason(Reason.ReasonKind.PLACE_FULL, "lent", lent.horizon()));
        Activity outside = job("wash", 2).with(new Activity.Demand(Optional.empty(), Map.of("sun", 1), false, false));
        assertThat(whyNot(problem(List.of(outside))
                        .withResources(List.of(PlanProblem.Capacity.onlyIn("sun", 9, days, whole)))))
                .isEqualTo(new Reason(Reason.ReasonKind.RESOURCE_FULL, "sun", lent.horizon()));
    }

    private static Reason whyNot(PlanProblem problem) {
        return ((PlanOutcome.Infeasible) Planner.plan(problem, SMALL))
                .unplaced()
                .get(0)
                .limit();
    }

    /** By hand: 50.00 at hand, a part for 80.00, no income: 30.00 are missing, to the cent. */
    @Test
    void moneyThatCanNeverSufficeIsNamedToTheCent() {
        var engine = Activity.order("engine", Aim.ROAD_READY, Duration.ofDays(3))
                .with(List.of(new Activity.Due(8000, Activity.Due.When.START)));
        PlanProblem problem = problem(List.of(engine)).withPurse(new PlanProblem.Purse(5000, 0, List.of()));
        assertThat(Relaxations.least(problem)).containsExactly(new Relaxation(RelaxationKind.MONEY, 3000));
    }

    /**
     * By hand: 6 h of work on Tuesdays and Thursdays, two hours each, end on the Tuesday after; a third evening a week makes it Thursday to Sunday,
     * half an hour more each the same week, and a second bay the day on which the car that dries in the first one would still take it.
     */
    @Test
    void whatWouldBringItSoonerIsPlanned() {
        PlanProblem plain = problem(List.of(job("strip", 20), job("fit", 4)), Link.of("strip", "fit"));
        Instant now = finish(plain);
        for (Sooner.Proposal p : Sooner.of(plain, plan(plain)))
            assertThat(finish(p.problem())).as("%s", p.kind()).isBefore(now);
        assertThat(Sooner.of(plain, plan(plain)))
                .extracting(Sooner.Proposal::kind)
                .containsExactly(Sooner.SoonerKind.WORK_SESSION, Sooner.SoonerKind.HALF_AN_HOUR);

        var bay = new Activity.Demand(Optional.of("bay"), Map.of(), true, true);
        var paint = job("paint", 4).with(bay).with(Timing.FREE.waiting(Duration.ofDays(9)));
        PlanProblem full = problem(List.of(paint, job("weld", 4).with(bay)))
                .withPlaces(List.of(new PlanProblem.Capacity("bay", 1)));
        PlanProblem weldLast = full.withActivities(List.of(
                paint, full.activities().get(1).with(Timing.FREE.notBefore(Instant.parse("2026-03-03T18:30:00Z")))));
        Sooner.Proposal borrowed = Sooner.of(weldLast, plan(weldLast)).stream()
                .filter(p -> p.kind() == Sooner.SoonerKind.PLACE)
                .findFirst()
                .orElseThrow();
        assertThat(borrowed.id()).isEqualTo("bay");
        assertThat(plan(borrowed.problem())
                        .of(new ActivityId("weld"))
                        .orElseThrow()
                        .start())
                .isEqualTo(Instant.parse("2026-03-03T19:00:00Z"));
        assertThat(plan(weldLast).of(new ActivityId("weld")).orElseThrow().start())
                .isAfter(Instant.parse("2026-03-11T00:00:00Z"));
    }

    /** Ten hours of zinc and paint given to somebody for three days: none of one's own, 120.00 when it is back. */
    @Test
    void whatSomebodyElseDoesTakesNoneOfOnesHours() {
        PlanProblem mine = problem(List.of(job("paint", 40), job("fit", 4)), Link.of("paint", "fit"))
                .withPurse(new PlanProblem.Purse(20_000, 0, List.of()));
        PlanProblem theirs = Sooner.sentOut(mine, new ActivityId("paint"), new DaysAway(3), 12_000);
        assertThat(finish(mine)).isEqualTo(Instant.parse("2026-03-19T19:00:00Z"));
        assertThat(finish(theirs)).isEqualTo(Instant.parse("2026-03-05T19:00:00Z"));
        assertThat(mine.purse().orElseThrow().less(theirs, plan(theirs)).income())
                .containsExactly(new PlanProblem.Purse.Income(LocalDate.of(2026, 3, 5), -12_000));
        assertThatThrownBy(() -> Sooner.sentOut(mine, new ActivityId("tea"), new DaysAway(3), 0))
                .hasMessageContaining("has not begun");
        assertThatThrownBy(() -> Sooner.sentOut(mine, new ActivityId("paint"), new DaysAway(3), -1))
                .hasMessageContaining("negative");
        assertThatThrownBy(() -> new DaysAway(731)).hasMessageContaining("731");
    }

    private static Instant finish(PlanProblem problem) {
        return Milestones.milestone(problem, plan(problem), Aim.ROAD_READY)
                .orElseThrow()
                .finish();
    }

    @Provide
    Arbitrary<PlanProblem> garages() {
        return Garages.arbitrary();
    }

    private static Activity job(String id, int slots) {
        return Activity.job(id, Aim.ROAD_READY, slots, INES);
    }

    private static PlanProblem problem(List<Activity> activities, Link... links) {
        List<TimeWindow> workSessions = new ArrayList<>();
        for (LocalDate day = LocalDate.of(2026, 3, 3); day.isBefore(LocalDate.of(2026, 4, 20)); day = day.plusDays(7))
            for (LocalDate workSession : List.of(day, day.plusDays(2)))
                workSessions.add(new TimeWindow(
                        Instant.parse(workSession + "T18:00:00Z"), Instant.parse(workSession + "T20:00:00Z")));
        return PlanProblem.simple(
                NOW,
                NOW.plus(Duration.ofDays(50)),
                ZoneOffset.UTC,
                List.of(new Person("ines", workSessions)),
                activities,
                List.of(links));
    }

    private static Plan plan(PlanProblem problem) {
        return Optional.of(Planner.plan(problem, SMALL))
                .map(Planned.class::cast)
                .orElseThrow()
                .plan();
    }
}
