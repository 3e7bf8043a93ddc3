package ofisino.core.plan.whatif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.risk.Dates;
import ofisino.core.plan.risk.Simulation;
import ofisino.core.plan.risk.ThreePoint;
import ofisino.core.plan.risk.Uncertain;
import ofisino.core.plan.sentout.DaysAway;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.OtherWay.GivenAway;
import org.junit.jupiter.api.Test;

/** The same car done another way: what is left out, what it hangs on, and that only the way differs and not luck. */
class OtherWayTest {
    private static final Instant MONDAY = Instant.parse("2026-03-02T00:00:00Z");
    private static final Crew INES = new Crew(1, List.of("ines"));

    /** Two evenings a week of three hours, for two years. */
    private static List<TimeWindow> evenings() {
        return IntStream.range(0, 104)
                .boxed()
                .flatMap(week -> IntStream.of(0, 3)
                        .mapToObj(day ->
                                MONDAY.plus(Duration.ofDays(7L * week + day)).plus(Duration.ofHours(18))))
                .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(3))))
                .toList();
    }

    /** Brakes and a weld for the road; paint and trim for more; the trim is behind a strip-down of its own. */
    private static PlanProblem car() {
        List<Activity> work = List.of(
                Activity.job("brakes", Aim.ROAD_READY, 40, INES),
                Activity.job("weld", Aim.ROAD_READY, 60, INES),
                Activity.job("paint", Aim.SHOW, 80, INES),
                Activity.job("trim", Aim.DRIVER, 24, INES),
                Activity.job("strip", Aim.DRIVER, 4, INES),
                Activity.job("refit", Aim.DRIVER, 4, INES));
        return PlanProblem.simple(
                        MONDAY,
                        MONDAY.plus(Duration.ofDays(700)),
                        ZoneOffset.UTC,
                        List.of(new Person("ines", evenings())),
                        work,
                        List.of(Link.of("weld", "paint")))
                .withStripDowns(
                        List.of(new StripDown(
                                "s",
                                "trim-off",
                                Optional.of(new ActivityId("strip")),
                                new ActivityId("refit"),
                                List.of(new ActivityId("trim")),
                                List.of())),
                        List.of());
    }

    private static OtherWay way(Optional<Aim> standard, int more, List<GivenAway> givenAway) {
        return new OtherWay(standard, more, givenAway, Optional.empty(), Optional.empty());
    }

    @Test
    void aLowerStandardLeavesOutWhatItDoesNotAskForWithItsStripDown() {
        var way = way(Optional.of(Aim.ROAD_READY), 0, List.of());
        assertThat(way.of(car()).activities()).extracting(a -> a.id().value()).containsExactly("brakes", "weld");
        assertThat(way.of(car()).stripDowns()).isEmpty();
        assertThat(way.leftOut(car())).extracting(ActivityId::value).contains("paint", "trim");
        assertThat(way(Optional.of(Aim.DRIVER), 0, List.of()).of(car()).activities())
                .extracting(a -> a.id().value())
                .containsExactly("brakes", "weld", "trim", "strip", "refit");
    }

    @Test
    void whatIsInHandIsNotLeftOut() {
        PlanProblem begun = car().withActivities(car().activities().stream()
                .map(a -> a.id().value().equals("paint") ? a.goingOn(8) : a)
                .toList());
        assertThat(way(Optional.of(Aim.ROAD_READY), 0, List.of()).leftOut(begun))
                .extracting(ActivityId::value)
                .contains("trim")
                .doesNotContain("paint");
    }

    @Test
    void aJobThatIsGivenAwayTakesNoHoursAndItsPriceIsDue() {
        var away = way(Optional.empty(), 0, List.of(new GivenAway(new ActivityId("weld"), new DaysAway(14), 90_000)));
        Activity weld = away.of(car()).activities().stream()
                .filter(a -> a.id().value().equals("weld"))
                .findFirst()
                .orElseThrow();
        assertThat(weld.workSlots()).isZero();
        assertThat(weld.dues()).extracting(Activity.Due::minor).containsExactly(90_000L);
    }

    /** What is left out is paid to nobody, nor what is in hand by now. */
    @Test
    void onlyWhatIsStillGivenAwayIsPaidFor() {
        List<GivenAway> both = List.of(
                new GivenAway(new ActivityId("weld"), new DaysAway(14), 90_000),
                new GivenAway(new ActivityId("paint"), new DaysAway(14), 200_000));
        assertThat(way(Optional.empty(), 0, both).pricesMinor(car())).isEqualTo(290_000);
        assertThat(way(Optional.of(Aim.ROAD_READY), 0, both).pricesMinor(car())).isEqualTo(90_000);
        PlanProblem begun = car().withActivities(car().activities().stream()
                .map(a -> a.id().value().equals("weld") ? a.goingOn(8) : a)
                .toList());
        assertThat(way(Optional.empty(), 0, both).pricesMinor(begun)).isEqualTo(200_000);
    }

    /** Twenty days on the road and the usual check, where it was none; what is not bought so waits as before. */
    @Test
    void partsThatAreBoughtOtherwiseTakeAsLongAsTheyAreOffered() {
        var order = new ActivityId("brakes");
        var parts = new BoughtAs(SupplyKind.RECONDITIONED, Map.of(order, 20));
        PlanProblem otherwise =
                new OtherWay(Optional.empty(), 0, List.of(), Optional.of(parts), Optional.empty()).of(car());
        assertThat(otherwise.activities())
                .filteredOn(a -> !a.timing().waitAfter().isZero())
                .extracting(Activity::id)
                .containsExactly(order);
        assertThat(BoughtAs.arriving(otherwise, Map.of(order, 20)))
                .as("once more changes nothing")
                .isEqualTo(otherwise);
        assertThatThrownBy(() -> new BoughtAs(SupplyKind.OWN_STOCK, Map.of())).isInstanceOf(InvalidValue.class);
    }

    @Test
    void moreAndFewerSessionsAreOfAWeek() {
        assertThat(sessionsOfFirstWeek(1)).isEqualTo(3);
        assertThat(sessionsOfFirstWeek(-1)).isEqualTo(1);
        assertThat(sessionsOfFirstWeek(-5)).as("one is left").isEqualTo(1);
    }

    private static long sessionsOfFirstWeek(int more) {
        return way(Optional.empty(), more, List.of()).of(car()).people().get(0).windows().stream()
                .filter(w -> w.from().isBefore(MONDAY.plus(Duration.ofDays(7))))
                .count();
    }

    @Test
    void whatIsNoOtherWayIsRefused() {
        assertThatThrownBy(() -> way(Optional.empty(), 0, List.of())).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> way(Optional.of(Aim.RUNNER), 0, List.of()))
                .as("without what the road asks for")
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> way(Optional.empty(), 7, List.of())).isInstanceOf(InvalidValue.class);
        var weld = new GivenAway(new ActivityId("weld"), new DaysAway(1), 0);
        assertThatThrownBy(() -> way(Optional.empty(), 0, List.of(weld, weld))).isInstanceOf(InvalidValue.class);
    }

    /** In every single run the car without its paint is ready no later than the car with it, and for the road at the same second. */
    @Test
    void onlyTheWayDiffersAndNotLuck() {
        PlanProblem all = car();
        Dates asPlanned = run(all);
        Dates driver = run(way(Optional.of(Aim.DRIVER), 0, List.of()).of(all));
        assertThat(driver.laterThan(asPlanned, Aim.ROAD_READY, 1)).contains(Duration.ZERO);
        assertThat(driver.laterThan(asPlanned, Aim.ROAD_READY, 10)).contains(Duration.ZERO);
        Dates more = run(way(Optional.empty(), 2, List.of()).of(all));
        assertThat(more.laterThan(asPlanned, Aim.SHOW, 9).orElseThrow()).isNegative();
        assertThat(asPlanned.laterThan(more, Aim.SHOW, 5).orElseThrow()).isPositive();
        assertThat(driver.laterThan(asPlanned, Aim.RUNNER, 5))
                .as("nothing is for that")
                .isEmpty();
    }

    private static Dates run(PlanProblem problem) {
        Map<ActivityId, ThreePoint> work = new HashMap<>();
        problem.activities().forEach(a -> work.put(a.id(), new ThreePoint(0.6, 1, 2.4)));
        var unknown =
                new Uncertain(work, 0.3, Map.of(), List.of(), new OwnFactor(5, 1), Map.of("ines", new TurnUp(10, 8)));
        var outcome = (PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(20, 1));
        return new Simulation(problem, outcome.plan(), unknown, 7)
                .run(800, () -> false)
                .orElseThrow();
    }

    @Test
    void oneWhoDoesSeveralJobsHasOnePriceForThem() {
        var jobs = List.of(new ActivityId("job:a"), new ActivityId("job:b"), new ActivityId("job:c"));
        assertThat(GivenAway.together(jobs, new DaysAway(7), 10_000))
                .extracting(g -> g.away().days() + " " + g.costMinor())
                .containsExactly("3 3334", "3 3333", "3 3333");
        assertThatThrownBy(() -> GivenAway.together(List.of(), new DaysAway(7), 10_000))
                .hasMessageContaining("No job of that kind");
    }
}
