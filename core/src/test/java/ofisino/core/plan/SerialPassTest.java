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

class SerialPassTest {
    private static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z"); // a Monday
    private static final Instant HORIZON = NOW.plus(Duration.ofDays(60));
    private static final ZoneId ZONE = ZoneOffset.UTC;
    private static final Crew INES = new Crew(1, List.of("ines"));

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
}
