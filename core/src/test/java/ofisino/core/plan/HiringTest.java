package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.explain.HiredDays;
import ofisino.core.plan.grouping.Hiring;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.AtOwnPace;
import org.junit.jupiter.api.Test;

/** Worked by hand: evenings of two hours, eight quarters each; the blast cabinet is hired by the day. */
class HiringTest {
    private static final Instant NOW = Instant.parse("2026-03-02T18:00:00Z");
    private static final LocalDate TODAY = LocalDate.parse("2026-03-02");
    private static final Activity.Crew INES = new Activity.Crew(1, List.of("ines"));
    private static final Planner.Budget BUDGET = new Planner.Budget(200, 1);

    /** By hand: the engine waits for its gasket until the eighth day, so the wheel has time until the arm's part is there, on the third. */
    @Test
    void jobsThatNeedAHiredToolWaitForOneAnother() {
        PlanProblem problem = problem(
                List.of(
                        blasted("wheel", Aim.ROAD_READY),
                        arrival("part", 3),
                        blasted("arm", Aim.ROAD_READY),
                        arrival("gasket", 8),
                        engine(1)),
                List.of(Link.of("part", "arm"), Link.of("gasket", "engine")));
        assertThat(hireOf(planned(problem), problem))
                .as("each as soon as it can be")
                .containsExactly(TODAY, TODAY.plusDays(3));
        PlanProblem hired = Hiring.of(problem);
        Plan plan = planned(hired);
        assertThat(hireOf(plan, hired)).containsExactly(TODAY.plusDays(3));
        assertThat(lastDay(plan)).isEqualTo(lastDay(planned(problem))).isEqualTo(TODAY.plusDays(8));
    }

    /** By hand: the car that is to run next week does not wait three weeks to spare a day of hire. */
    @Test
    void noMilestoneWaitsAWeekForADayOfHire() {
        PlanProblem problem = problem(
                List.of(blasted("wheel", Aim.RUNNER), arrival("part", 18), blasted("arm", Aim.ROAD_READY)),
                List.of(Link.of("part", "arm")));
        PlanProblem hired = Hiring.of(problem);
        assertThat(hireOf(planned(hired), hired)).hasSize(2).contains(TODAY);
    }

    /** By hand: half an evening is left on the first, so what takes an evening would lie on two; it waits for the second, and nothing gets later. */
    @Test
    void whatFitsIntoASessionIsDoneInOne() {
        PlanProblem problem = problem(
                List.of(
                        Activity.job("clean", Aim.RUNNER, 4, INES),
                        Activity.job("wheel", Aim.ROAD_READY, 8, INES)
                                .with(new Activity.Demand(Optional.empty(), Map.of("cabinet", 1), false, false)),
                        arrival("gasket", 8),
                        engine(1)),
                List.of(Link.of("clean", "wheel"), Link.of("gasket", "engine")));
        assertThat(hireOf(planned(problem), problem)).hasSize(2);
        PlanProblem hired = Hiring.of(problem);
        assertThat(hireOf(planned(hired), hired)).containsExactly(TODAY.plusDays(1));
    }

    /**
     * By hand: the wheel is cleaned and blasted on the first evening, the hub waits from the fifth day for the arm on the fourteenth. Who is half as
     * fast blasts the wheel on the second, and does not wait for the arm.
     */
    @Test
    void whoComesLaterHiresLater() {
        PlanProblem problem = problem(
                List.of(
                        Activity.job("clean", Aim.RUNNER, 4, INES),
                        blasted("wheel", Aim.RUNNER),
                        arrival("pin", 5),
                        blasted("hub", Aim.ROAD_READY),
                        arrival("part", 14),
                        blasted("arm", Aim.ROAD_READY)),
                List.of(Link.of("clean", "wheel"), Link.of("pin", "hub"), Link.of("part", "arm")));
        PlanProblem hired = Hiring.of(problem);
        Plan plan = planned(hired);
        assertThat(hireOf(plan, hired)).containsExactly(TODAY, TODAY.plusDays(14));
        var slow = new AtOwnPace.Pace(2, Map.of("ines", new TurnUp(50, 50)));
        assertThat(AtOwnPace.milestones(hired, plan, slow).get(Aim.RUNNER)).isBefore(NOW.plus(Duration.ofDays(5)));
    }

    @Test
    void whatIsNotHiredStaysAsItIs() {
        PlanProblem problem = problem(List.of(engine(1)), List.of()).withResources(List.of(new Capacity("press", 1)));
        assertThat(Hiring.of(problem)).isSameAs(problem);
        assertThat(HiredDays.of(problem, planned(problem))).isEmpty();
    }

    /** Whatever waits for whatever: never more days of hire than before in the plan that decides, and never a plan less. */
    @Property(tries = 40)
    void hiringNeverMakesAPlanWorse(
            @ForAll @Size(min = 2, max = 6) List<@IntRange(max = 12) Integer> waits,
            @ForAll @IntRange(max = 6) int busy) {
        List<Activity> all = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (int i = 0; i < waits.size(); i++) {
            all.add(blasted("blast" + i, i % 2 == 0 ? Aim.RUNNER : Aim.ROAD_READY));
            all.add(arrival("part" + i, waits.get(i)));
            links.add(Link.of("part" + i, "blast" + i));
        }
        if (busy > 0) all.add(engine(busy));
        PlanProblem problem = problem(all, links);
        PlanProblem hired = Hiring.of(problem);
        var few = new Planner.Budget(4, 1);
        var before = (PlanOutcome.Planned) Planner.plan(problem, few);
        var after = (PlanOutcome.Planned) Planner.plan(hired, few);
        assertThat(hireOf(after.plan(), hired).size())
                .isLessThanOrEqualTo(hireOf(before.plan(), problem).size());
        assertThat(lastDay(after.plan())).isBefore(lastDay(before.plan()).plusDays(PlanProblem.PATIENCE.toDays()));
    }

    private static SortedSet<LocalDate> hireOf(Plan plan, PlanProblem problem) {
        return HiredDays.of(problem, plan).get("cabinet");
    }

    private static LocalDate lastDay(Plan plan) {
        return plan.activities().values().stream()
                .map(s -> s.end().atZone(ZoneOffset.UTC).toLocalDate())
                .max(LocalDate::compareTo)
                .orElseThrow();
    }

    private static Activity blasted(String id, Aim aim) {
        return Activity.job(id, aim, 4, INES)
                .with(new Activity.Demand(Optional.empty(), Map.of("cabinet", 1), false, false));
    }

    private static Activity arrival(String id, int days) {
        return Activity.order(id, Aim.ROAD_READY, Duration.ofDays(days));
    }

    private static Activity engine(int evenings) {
        return Activity.job("engine", Aim.ROAD_READY, 8 * evenings, INES);
    }

    private static Plan planned(PlanProblem problem) {
        return ((PlanOutcome.Planned) Planner.plan(problem, BUDGET)).plan();
    }

    private static PlanProblem problem(List<Activity> activities, List<Link> links) {
        List<TimeWindow> evenings = IntStream.range(0, 40)
                .mapToObj(d -> NOW.plus(Duration.ofDays(d)))
                .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(2))))
                .toList();
        return PlanProblem.simple(
                        NOW,
                        NOW.plus(Duration.ofDays(60)),
                        ZoneOffset.UTC,
                        List.of(new PlanProblem.Person("ines", evenings)),
                        activities,
                        links)
                .withResources(List.of(Capacity.hired("cabinet")));
    }
}
