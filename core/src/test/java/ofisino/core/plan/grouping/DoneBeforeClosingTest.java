package ofisino.core.plan.grouping;

import static ofisino.core.plan.grouping.EngineOut.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** An engine that comes out for its bearings, and leaks; its gasket comes in ten days. */
class DoneBeforeClosingTest {
    private static final Map<ActivityId, Set<String>> GASKET = Map.of(id("gasket"), Set.of("engine-out"));

    private static PlanProblem car(boolean isOut, Aim gasket, Set<String> needs, Link... more) {
        List<Link> links = new ArrayList<>(List.of(more));
        links.add(Link.of("delivery", "gasket"));
        return EngineOut.of(
                isOut,
                Aim.ROAD_READY,
                List.of(
                        Activity.job("gasket", gasket, 4, EngineOut.INES).needing(needs),
                        Activity.order("delivery", gasket, Duration.ofDays(10))),
                links);
    }

    private static boolean isDoneWhileOut(PlanProblem problem) {
        Plan plan = ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(30, 1))).plan();
        return !plan.of(id("in"))
                .orElseThrow()
                .start()
                .isBefore(plan.of(id("gasket")).orElseThrow().end());
    }

    @Test
    void theEngineStaysOutUntilItHasItsGasket() {
        for (boolean isOut : new boolean[] {false, true}) {
            PlanProblem car = car(isOut, Aim.ROAD_READY, Set.of());
            assertThat(isDoneWhileOut(car))
                    .as("the sooner it is in, the sooner it is ready")
                    .isFalse();
            assertThat(isDoneWhileOut(DoneBeforeClosing.in(car, GASKET))).isTrue();
        }
    }

    @Test
    void whatIsWantedSoonerDoesNotWaitForTheEngineToComeOut() {
        PlanProblem sooner = car(false, Aim.RUNNER, Set.of());
        List<Link> more = DoneBeforeClosing.in(sooner, GASKET).links();
        assertThat(more).hasSize(sooner.links().size() + 1).contains(Link.of("gasket", "in"));
    }

    @Test
    void whatMayWaitNeedsItWholeOrComesAfterwardsKeepsNothingOpen() {
        PlanProblem later = car(false, Aim.SHOW, Set.of());
        assertThat(DoneBeforeClosing.in(later, GASKET))
                .as("the road does not wait for beauty")
                .isSameAs(later);
        PlanProblem whole = car(false, Aim.ROAD_READY, Set.of("RUNNING"));
        assertThat(DoneBeforeClosing.in(whole, GASKET)).isSameAs(whole);
        PlanProblem after = car(false, Aim.ROAD_READY, Set.of(), Link.of("in", "gasket"));
        assertThat(DoneBeforeClosing.in(after, GASKET)).isSameAs(after);
        PlanProblem before = car(false, Aim.ROAD_READY, Set.of(), Link.of("gasket", "out"));
        assertThat(DoneBeforeClosing.in(before, GASKET)).isSameAs(before);
        PlanProblem inside = car(false, Aim.ROAD_READY, Set.of());
        assertThat(DoneBeforeClosing.in(inside, Map.of(id("bearings"), Set.of("engine-out"))))
                .as("it is in it anyway")
                .isSameAs(inside);
    }

    /** Where the first stay in which it may lie leaves something without a place, the second may not. */
    @Test
    void whatMayLieInTwoStaysHasAWayForEach() {
        PlanProblem once = car(false, Aim.ROAD_READY, Set.of());
        List<Activity> work = new ArrayList<>(once.activities());
        for (String job : List.of("out again", "in again"))
            work.add(Activity.job(job, Aim.ROAD_READY, 4, EngineOut.INES));
        List<StripDown> stays = new ArrayList<>(once.stripDowns());
        stays.add(new StripDown(
                "again", "engine-out", Optional.of(id("out again")), id("in again"), List.of(), List.of()));
        PlanProblem twice = once.withStripDowns(work, once.links(), stays, once.exclusions());
        assertThat(DoneBeforeClosing.ways(twice, id("gasket"), "engine-out"))
                .extracting(
                        way -> way.links().contains(Link.of("gasket", "in")),
                        way -> way.links().contains(Link.of("gasket", "in again")))
                .containsExactly(tuple(true, false), tuple(false, true));
        assertThat(DoneBeforeClosing.ways(twice, id("bearings"), "engine-out"))
                .as("it is in it anyway")
                .isEmpty();
    }

    /** Its head comes off for its valves: on the stand, whichever is opened first. */
    @Test
    void whatIsOpenedInsideIsOpenedAndClosedWhileItIsOut() {
        PlanProblem car = car(false, Aim.ROAD_READY, Set.of());
        List<Activity> work = new ArrayList<>(car.activities());
        for (String job : List.of("head-off", "valves", "head-on"))
            work.add(Activity.job(job, Aim.ROAD_READY, 4, EngineOut.INES));
        List<StripDown> stripDowns = new ArrayList<>(car.stripDowns());
        stripDowns.add(new StripDown(
                "head", "head-off", Optional.of(id("head-off")), id("head-on"), List.of(id("valves")), List.of()));
        List<Link> links = new ArrayList<>(car.links());
        links.add(Link.of("delivery", "valves"));
        PlanProblem two = car.withStripDowns(work, links, stripDowns, car.exclusions());
        Map<ActivityId, Set<String>> onTheStand = Map.of(id("head-on"), Set.of("engine-out"));
        assertThat(isInside(two)).isFalse();
        assertThat(isInside(DoneBeforeClosing.in(two, onTheStand))).isTrue();
        List<Link> first = new ArrayList<>(links);
        first.add(Link.of("head-on", "out"));
        PlanProblem before = car.withStripDowns(work, first, stripDowns, car.exclusions());
        assertThat(DoneBeforeClosing.in(before, onTheStand)).isSameAs(before);
    }

    private static boolean isInside(PlanProblem problem) {
        Plan plan = ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(30, 1))).plan();
        return !plan.of(id("head-off"))
                        .orElseThrow()
                        .start()
                        .isBefore(plan.of(id("out")).orElseThrow().end())
                && !plan.of(id("in"))
                        .orElseThrow()
                        .start()
                        .isBefore(plan.of(id("head-on")).orElseThrow().end());
    }
}
