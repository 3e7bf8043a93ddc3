package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.solve.SerialPass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SerialPassTest {
    private static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z"); // a Monday
    private static final Instant HORIZON = NOW.plus(Duration.ofDays(60));
    private static final ZoneId ZONE = ZoneOffset.UTC;
    private static final Crew INES = new Crew(1, List.of("ines"));

    /**
     * R0: a resource-constrained example published with an open-source Python MIP library (origin from memory; values recomputed by an exact
     * solver: optimum 21). Serial generation in index order gives 25 with these starts; in order of latest finish it gives 26.
     */
    @Test
    void textbookInstanceWithTwoResources() {
        int[] duration = {0, 3, 2, 5, 4, 2, 3, 4, 2, 4, 6, 0};
        int[][] use = {{0, 5, 0, 1, 1, 3, 3, 2, 4, 5, 2, 0}, {0, 1, 4, 4, 3, 2, 1, 4, 0, 2, 5, 0}};
        String arcs = "0>1 0>2 0>3 1>4 1>5 2>9 2>10 3>8 4>6 4>7 5>9 5>10 6>8 6>9 7>8 8>11 9>11 10>11";
        var r0 = textbook(duration, use, new int[] {6, 8}, arcs);
        assertThat(starts(r0, "0 1 2 3 4 5 6 7 8 9 10 11")).containsExactly(0, 0, 0, 2, 3, 7, 7, 9, 13, 15, 19, 25);
        assertThat(starts(r0, "0 1 4 2 5 6 3 7 8 9 10 11")).containsExactly(0, 0, 0, 5, 3, 3, 7, 10, 14, 16, 20, 26);
    }

    /** R1: eight jobs of a restoration, two people and one lift; starts by serial generation, recomputed independently. Optimum 21. */
    @Test
    void textbookInstanceOfARestoration() {
        // STRIP BODY ENGINE GEARBOX BRAKES PAINT WIRING REFIT
        var r1 = textbook(
                new int[] {2, 6, 5, 3, 3, 4, 3, 4},
                new int[][] {{2, 1, 1, 1, 1, 2, 1, 2}, {1, 0, 0, 0, 1, 0, 0, 1}},
                new int[] {2, 1},
                "0>1 0>2 0>3 0>4 1>5 5>6 5>7 2>7 3>7 4>7 6>7");
        assertThat(starts(r1, "0 1 2 3 4 5 6 7")).containsExactly(0, 2, 2, 7, 8, 11, 15, 18);
        assertThat(starts(r1, "0 1 5 2 3 4 6 7")).containsExactly(0, 2, 2, 12, 12, 8, 15, 18);
    }

    /** Hillier and Lieberman's construction network, crews of 1 to 4; the serial makespans in index order, and 44 on the critical path. */
    @ParameterizedTest
    @CsvSource({"1, 79", "2, 51", "3, 44", "4, 44"})
    void textbookNetworkWithCrews(int crews, int makespan) {
        int[] d = {2, 4, 10, 6, 4, 5, 7, 9, 7, 8, 4, 5, 2, 6};
        int[] one = new int[14];
        Arrays.fill(one, 1);
        var network = textbook(
                d,
                new int[][] {one},
                new int[] {crews},
                "0>1 1>2 2>3 2>4 4>5 3>6 4>7 6>7 2>8 5>9 8>9 9>10 9>11 7>12 10>13 11>13");
        int[] starts = starts(network, "0 1 2 3 4 5 6 7 8 9 10 11 12 13");
        int end = 0;
        for (int i = 0; i < d.length; i++) end = Math.max(end, starts[i] + d[i]);
        assertThat(end).isEqualTo(makespan);
    }

    /**
     * Graham, SIAM J. Appl. Math. 17(2), 1969: list scheduling by time takes 12; with another list 14, a fourth processor 15, every time
     * shorter by one 13, two links fewer 16.
     */
    @Test
    void listSchedulingHasGrahamsAnomalies() {
        int[] times = {3, 2, 2, 2, 4, 4, 4, 4, 9};
        int[] shorter = {2, 1, 1, 1, 3, 3, 3, 3, 8};
        String arcs = "0>8 3>4 3>5 3>6 3>7";
        String list = "0 1 2 3 4 5 6 7 8";
        assertThat(listScheduled(times, 3, arcs, list)).isEqualTo(12);
        assertThat(listScheduled(times, 3, arcs, "0 1 3 4 5 2 8 6 7")).isEqualTo(14);
        assertThat(listScheduled(times, 4, arcs, list)).isEqualTo(15);
        assertThat(listScheduled(shorter, 3, arcs, list)).isEqualTo(13);
        assertThat(listScheduled(times, 3, "0>8 3>6 3>7", list)).isEqualTo(16);
    }

    private static int listScheduled(int[] times, int processors, String arcs, String list) {
        int[] one = new int[times.length];
        Arrays.fill(one, 1);
        PlanProblem problem = textbook(times, new int[][] {one}, new int[] {processors}, arcs);
        List<Activity> order = Arrays.stream(list.split(" "))
                .map(i -> problem.activities().get(Integer.parseInt(i)))
                .toList();
        return ((PlanOutcome.Planned) SerialPass.parallel(problem, order))
                .plan().activities().values().stream()
                        .mapToInt(s -> (int) (Duration.between(NOW, s.end()).toMinutes() / 15))
                        .max()
                        .orElseThrow();
    }

    /** Graham (1969), first case: serial generation in index order takes 17 where list scheduling by time takes 12. */
    @Test
    void textbookInstanceOfGraham() {
        int[] one = {1, 1, 1, 1, 1, 1, 1, 1, 1};
        var graham = textbook(
                new int[] {3, 2, 2, 2, 4, 4, 4, 4, 9}, new int[][] {one}, new int[] {3}, "0>8 3>4 3>5 3>6 3>7");
        int[] starts = starts(graham, "0 1 2 3 4 5 6 7 8");
        assertThat(starts[8] + 9).isEqualTo(17);
    }

    /** By hand, evenings Tue and Thu 18:00-20:00: 3 h of stripping take Tuesday and half of Thursday; fitting follows in the other half. */
    @Test
    void workFillsTheWorkSessionsAndGoesOnInTheNext() {
        var plan = planned(List.of(job("strip", 12), job("fit", 4)), Link.of("strip", "fit"));
        assertThat(at(plan, "strip").stretches())
                .containsExactly(
                        window("2026-03-03T18:00:00Z", "2026-03-03T20:00:00Z"),
                        window("2026-03-05T18:00:00Z", "2026-03-05T19:00:00Z"));
        assertThat(at(plan, "fit").stretches()).containsExactly(window("2026-03-05T19:00:00Z", "2026-03-05T20:00:00Z"));
        assertThat(at(plan, "fit").reasons())
                .extracting(Reason::kind, Reason::id)
                .containsExactly(tuple(Reason.ReasonKind.AFTER, "strip"));
        assertThat(at(plan, "strip").reasons()).extracting(Reason::kind).containsExactly(Reason.ReasonKind.NO_TIME);
    }

    /** By hand: paint dries 24 h from Tuesday 19:00, so Wednesday 19:00; the next evening is Thursday. An order takes its time by the clock. */
    @Test
    void waitsAndDeliveriesRunByTheClock() {
        var paint = job("paint", 4).with(Activity.Timing.FREE.waiting(Duration.ofHours(24)));
        var seal = Activity.order("seal", Aim.ROAD_READY, Duration.ofDays(9));
        var plan = planned(
                List.of(paint, job("trim", 2), seal, job("glass", 2)),
                Link.of("paint", "trim"),
                Link.of("seal", "glass"));
        assertThat(at(plan, "paint").end()).isEqualTo(Instant.parse("2026-03-04T19:00:00Z"));
        assertThat(at(plan, "trim").start()).isEqualTo(Instant.parse("2026-03-05T18:00:00Z"));
        assertThat(at(plan, "seal").start()).isEqualTo(NOW);
        assertThat(at(plan, "seal").end()).isEqualTo(Instant.parse("2026-03-11T17:00:00Z"));
        assertThat(at(plan, "glass").start()).isEqualTo(Instant.parse("2026-03-12T18:00:00Z"));
        assertThat(at(plan, "glass").reasons()).extracting(Reason::kind).containsExactly(Reason.ReasonKind.ARRIVAL);
    }

    /** By hand: 1½ h in one go do not fit into the half hour that Tuesday leaves. */
    @Test
    void workInOneGoStaysInsideOneWorkSession() {
        var plan = planned(
                List.of(job("first", 6), job("weld", 6).with(Activity.Timing.FREE.inOneSitting())),
                Link.of("first", "weld"));
        assertThat(at(plan, "weld").stretches())
                .containsExactly(window("2026-03-05T18:00:00Z", "2026-03-05T19:30:00Z"));
        assertThat(at(plan, "weld").reasons()).extracting(Reason::kind).containsExactly(Reason.ReasonKind.TOO_SHORT);
        var never = SerialPass.plan(problem(List.of(job("long", 9).with(Activity.Timing.FREE.inOneSitting()))));
        assertThat(never)
                .isInstanceOfSatisfying(
                        PlanOutcome.Infeasible.class,
                        i -> assertThat(i.unplaced())
                                .singleElement()
                                .satisfies(u -> assertThat(u.limit().kind()).isEqualTo(Reason.ReasonKind.TOO_SHORT)));
    }

    /** By hand: with a fixed hour on Thursday in the way, 3 h begun on Tuesday go on around it; without a fixed start nothing may be laid aside. */
    @Test
    void begunWorkIsNotLaidAsideExceptForWhatIsFixed() {
        var fixed = job("appointment", 4).with(Activity.Timing.FREE.startingAt(Instant.parse("2026-03-05T18:00:00Z")));
        var around = planned(List.of(fixed, job("long", 12)));
        assertThat(at(around, "long").stretches())
                .containsExactly(
                        window("2026-03-03T18:00:00Z", "2026-03-03T20:00:00Z"),
                        window("2026-03-05T19:00:00Z", "2026-03-05T20:00:00Z"));

        var notBefore = job("part", 4).with(Activity.Timing.FREE.notBefore(Instant.parse("2026-03-05T18:00:00Z")));
        var laidAside = (PlanOutcome.Planned)
                SerialPass.plan(problem(List.of(notBefore, job("long", 12))), List.of(notBefore, job("long", 12)));
        assertThat(at(laidAside.plan(), "long").start()).isEqualTo(Instant.parse("2026-03-05T19:00:00Z"));
        assertThat(at(laidAside.plan(), "long").reasons())
                .extracting(Reason::kind, Reason::id)
                .containsExactly(tuple(Reason.ReasonKind.BUSY, "part"));
    }

    /** By hand: two people are there together only on Saturday morning. */
    @Test
    void aCrewWorksWhenAllOfItAreThere() {
        var helper = new Person("helper", List.of(window("2026-03-07T09:00:00Z", "2026-03-07T11:00:00Z")));
        var both = Activity.job("engine-in", Aim.RUNNER, 4, new Crew(2, List.of("ines", "helper")));
        var ines = new Person("ines", workSessions(window("2026-03-07T08:00:00Z", "2026-03-07T12:00:00Z")));
        var plan = plan(PlanProblem.simple(NOW, HORIZON, ZONE, List.of(ines, helper), List.of(both), List.of()));
        assertThat(at(plan, "engine-in").people()).containsExactly("ines", "helper");
        assertThat(at(plan, "engine-in").stretches())
                .containsExactly(window("2026-03-07T09:00:00Z", "2026-03-07T10:00:00Z"));
    }

    /** By hand: from 18:07 to 18:50 whole quarters of an hour are left from 18:15 to 18:45, two and not three. */
    @Test
    void aQuarterOfAnHourThatSomebodyLeavesInTheMiddleOfIsNone() {
        var ines = new Person(
                "ines",
                List.of(
                        window("2026-03-03T18:07:00Z", "2026-03-03T18:50:00Z"),
                        window("2026-03-05T18:00:00Z", "2026-03-05T20:00:00Z")));
        var plan = plan(PlanProblem.simple(NOW, HORIZON, ZONE, List.of(ines), List.of(job("a", 3)), List.of()));
        assertThat(at(plan, "a").stretches())
                .containsExactly(
                        window("2026-03-03T18:15:00Z", "2026-03-03T18:45:00Z"),
                        window("2026-03-05T18:00:00Z", "2026-03-05T18:15:00Z"));
    }

    /** By hand: 3000 days on the way end 3000 days from now, years past the horizon; what waits for it has no date, and it says why. */
    @Test
    void aWaitMayEndPastTheHorizon() {
        var seal = Activity.order("seal", Aim.ROAD_READY, Duration.ofDays(3000));
        assertThat(at(planned(List.of(seal)), "seal").end())
                .isEqualTo(at(planned(List.of(seal)), "seal").start().plus(Duration.ofDays(3000)));
        assertThat(SerialPass.plan(problem(List.of(seal, job("fit", 2)), Link.of("seal", "fit"))))
                .isInstanceOfSatisfying(
                        PlanOutcome.Infeasible.class,
                        i -> assertThat(i.unplaced()).singleElement().satisfies(u -> {
                            assertThat(u.limit().kind()).isEqualTo(Reason.ReasonKind.ARRIVAL);
                            assertThat(u.limit().id()).isEqualTo("seal");
                        }));
    }

    /** By hand: the bay holds one job at a time, also while paint dries in it, and the second person waits for it. */
    @Test
    void aPlaceHoldsOnlySoMany() {
        var bay = new Activity.Demand(Optional.of("bay"), Map.of(), true, true);
        var paint = job("paint", 2)
                .with(Activity.Timing.FREE.waiting(Duration.ofHours(48)))
                .with(bay);
        var other = Activity.job("other", Aim.ROAD_READY, 2, new Crew(1, List.of("helper")))
                .with(bay);
        var helper = new Person("helper", workSessions());
        var base = PlanProblem.simple(
                NOW,
                HORIZON,
                ZONE,
                List.of(new Person("ines", workSessions()), helper),
                List.of(paint, other),
                List.of());
        var plan = plan(base.withPlaces(List.of(new Capacity("bay", 1))));
        assertThat(at(plan, "paint").end()).isEqualTo(Instant.parse("2026-03-05T18:30:00Z"));
        assertThat(at(plan, "other").start()).isEqualTo(Instant.parse("2026-03-05T18:30:00Z"));
        assertThat(at(plan, "other").reasons())
                .extracting(Reason::kind, Reason::id)
                .containsExactly(tuple(Reason.ReasonKind.PLACE_FULL, "bay"));
    }

    @Test
    void aCircleIsAnAnswerThatNamesIt() {
        var outcome = SerialPass.plan(problem(List.of(job("a", 1), job("b", 1)), Link.of("a", "b"), Link.of("b", "a")));
        assertThat(outcome)
                .isInstanceOfSatisfying(
                        PlanOutcome.Circular.class,
                        c -> assertThat(c.circle())
                                .extracting(ActivityId::value)
                                .containsExactly("a", "b"));
    }

    @Test
    void withoutTimeInTheGarageNothingIsPlannedAndItSaysSo() {
        var outcome = SerialPass.plan(PlanProblem.simple(
                NOW,
                HORIZON,
                ZONE,
                List.of(new Person("ines", List.of())),
                List.of(job("a", 1), job("b", 1)),
                List.of(Link.of("a", "b"))));
        assertThat(outcome)
                .isInstanceOfSatisfying(
                        PlanOutcome.Infeasible.class,
                        i -> assertThat(i.unplaced())
                                .extracting(u -> u.limit().kind())
                                .containsExactly(Reason.ReasonKind.NO_TIME, Reason.ReasonKind.AFTER));
    }

    @Test
    void namesThatAreNotDefinedAreRefused() {
        assertThatThrownBy(() -> problem(List.of(job("a", 1), job("a", 2)))).hasMessageContaining("twice");
        assertThatThrownBy(() -> problem(List.of(job("a", 1)), Link.of("a", "ghost")))
                .hasMessageContaining("not in the plan");
        assertThatThrownBy(() -> new Crew(2, List.of("ines"))).hasMessageContaining("only 1 can do it");
        assertThatThrownBy(() -> new Crew(2, List.of("ines", "ines"))).hasMessageContaining("named twice");
    }

    /** By hand: the seal takes most of the way and holds the road date; without it, or where one's own work takes longer, the longest work does. */
    @Test
    void theRoadDateIsHeldByWhatTakesMostOfTheWay() {
        var seal = Activity.order("seal", Aim.ROAD_READY, Duration.ofDays(20));
        var problem = problem(
                List.of(job("strip", 12), job("fit", 2), seal, show("polish", 40)),
                Link.of("strip", "fit"),
                Link.of("seal", "fit"));
        var milestone =
                Milestones.milestone(problem, plan(problem), Aim.ROAD_READY).orElseThrow();
        assertThat(milestone.holder()).isEqualTo(new ActivityId("seal"));
        assertThat(milestone.chain()).extracting(ActivityId::value).containsExactly("fit", "seal");
        assertThat(milestone.finish())
                .isEqualTo(at(plan(problem), "fit").end())
                .isBefore(at(plan(problem), "polish").end());

        var longer = problem(
                List.of(job("fit", 2), job("weld", 40), Activity.order("seal", Aim.ROAD_READY, Duration.ofDays(2))),
                Link.of("seal", "fit"),
                Link.of("fit", "weld"));
        var held = Milestones.milestone(longer, plan(longer), Aim.ROAD_READY).orElseThrow();
        assertThat(held.chain()).extracting(ActivityId::value).containsExactly("weld", "fit", "seal");
        assertThat(Duration.between(at(plan(longer), "fit").start(), held.finish()))
                .as("longer than the two days of the seal, and the wait for an evening after it")
                .isGreaterThan(Duration.ofDays(5));
        assertThat(held.holder()).isEqualTo(new ActivityId("weld"));

        var without = problem(List.of(job("strip", 12), job("fit", 2)), Link.of("strip", "fit"));
        assertThat(Milestones.milestone(without, plan(without), Aim.ROAD_READY)
                        .orElseThrow()
                        .holder())
                .isEqualTo(new ActivityId("strip"));
        assertThat(Milestones.milestone(without, plan(without), Aim.RUNNER)).isEmpty();
    }

    private static Activity job(String id, int slots) {
        return Activity.job(id, Aim.ROAD_READY, slots, INES);
    }

    private static Activity show(String id, int slots) {
        return Activity.job(id, Aim.SHOW, slots, INES);
    }

    private static PlanProblem problem(List<Activity> activities, Link... links) {
        return PlanProblem.simple(
                NOW, HORIZON, ZONE, List.of(new Person("ines", workSessions())), activities, List.of(links));
    }

    private static Plan planned(List<Activity> activities, Link... links) {
        return plan(problem(activities, links));
    }

    private static Plan plan(PlanProblem problem) {
        return ((PlanOutcome.Planned) SerialPass.plan(problem)).plan();
    }

    private static Plan.Scheduled at(Plan plan, String id) {
        return plan.of(new ActivityId(id)).orElseThrow();
    }

    private static List<TimeWindow> workSessions(TimeWindow... more) {
        List<TimeWindow> windows = new ArrayList<>(List.of(more));
        for (LocalDate day = LocalDate.of(2026, 3, 3); day.isBefore(LocalDate.of(2026, 4, 28)); day = day.plusDays(7))
            for (LocalDate workSession : List.of(day, day.plusDays(2)))
                windows.add(window(workSession + "T18:00:00Z", workSession + "T20:00:00Z"));
        windows.sort(java.util.Comparator.comparing(TimeWindow::from));
        return windows;
    }

    private static TimeWindow window(String from, String to) {
        return new TimeWindow(Instant.parse(from), Instant.parse(to));
    }

    /** A textbook instance: one all-hours window for everybody, every activity in one go, time in slots from now. */
    private static PlanProblem textbook(int[] durations, int[][] use, int[] capacity, String arcs) {
        List<Activity> activities = new ArrayList<>();
        for (int i = 0; i < durations.length; i++) {
            Map<String, Integer> demand = new java.util.HashMap<>();
            for (int r = 0; r < use.length; r++) if (use[r][i] > 0) demand.put("r" + r, use[r][i]);
            activities.add(Activity.job(String.valueOf(i), Aim.RUNNER, durations[i], Crew.NOBODY)
                    .with(Activity.Timing.FREE.inOneSitting())
                    .with(new Activity.Demand(Optional.empty(), demand, false, false)));
        }
        List<Link> links = Arrays.stream(arcs.split(" "))
                .map(a -> a.split(">"))
                .map(a -> Link.of(a[0], a[1]))
                .toList();
        List<Capacity> capacities = new ArrayList<>();
        for (int r = 0; r < capacity.length; r++) capacities.add(new Capacity("r" + r, capacity[r]));
        return PlanProblem.simple(NOW, HORIZON, ZONE, List.of(), activities, links)
                .withResources(capacities);
    }

    private static int[] starts(PlanProblem problem, String list) {
        List<Activity> order = Arrays.stream(list.split(" "))
                .map(i -> problem.activities().get(Integer.parseInt(i)))
                .toList();
        Plan plan = ((PlanOutcome.Planned) SerialPass.plan(problem, order)).plan();
        return problem.activities().stream()
                .mapToInt(a -> (int)
                        (Duration.between(NOW, plan.of(a.id()).orElseThrow().start())
                                        .toMinutes()
                                / 15))
                .toArray();
    }
}
