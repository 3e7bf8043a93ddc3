package ofisino.core.plan.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.risk.Uncertain.Hidden;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Simulated dates beside closed forms and a published network. Tolerances are four standard errors, unless said otherwise. */
class SimulationTest {
    private static final Instant NOW = Instant.parse("2026-03-02T00:00:00Z");
    private static final Instant HORIZON = NOW.plus(Duration.ofDays(400));
    private static final int RUNS = 20_000;
    private static final long SEED = 1969;
    /** As sure as can be: comes each time, takes as long as thought. */
    private static final OwnFactor AS_THOUGHT = new OwnFactor(100_000_000, 1);

    private static final Map<String, TurnUp> ALWAYS = Map.of("ines", new TurnUp(100_000_000, 100_000_000));

    /**
     * Hillier and Lieberman's construction network with triangular durations between its three points: 4 million samples of an independent
     * program gave P50 46.088, P80 49.382, P90 51.127 weeks, and 47 weeks in 0.5937 of them. Here a week is a day.
     */
    @Test
    void triangularDurationsOfAPublishedNetwork() {
        Dates dates = network();
        assertThat(days(dates, 5)).isCloseTo(46.088, within(0.15));
        assertThat(days(dates, 8)).isCloseTo(49.382, within(0.17));
        assertThat(days(dates, 9)).isCloseTo(51.127, within(0.22));
        assertThat(dates.share(Aim.RUNNER, NOW.plus(Duration.ofDays(47)))).isCloseTo(0.5937, within(0.014));
    }

    /**
     * One job of 10 hours at (0.5, 0.875, 2). Beta-PERT in closed form of (2, 3.5, 8): P50 3.8829, P80 4.9412, P90 5.5033; by hand its mean 4 and
     * variance 8/7 give a middle of 4 · e^(−1/28) = 3.8597, so of 10 h at 0.875: 8.803, 11.202, 12.476.
     */
    @Test
    void oneJobByItsBetaPert() {
        var job = Activity.job("weld", Aim.RUNNER, 40, new Crew(1, List.of("ines")));
        Dates dates = run(problem(List.of(job)), uncertain(Map.of(job.id(), new ThreePoint(0.5, 0.875, 2)), List.of()));
        assertThat(hours(dates, 5)).isCloseTo(8.803, within(0.3));
        assertThat(hours(dates, 8)).isCloseTo(11.202, within(0.3));
        assertThat(hours(dates, 9)).isCloseTo(12.476, within(0.35));
    }

    /** Two in parallel, each uniform on nearly (0, 1): the later of them has P50 √0.5 and P80 √0.8. Uniform as a sum is not at hand, so by the triangle 0, 0, 1 twice: F(x)² = (1 − (1 − x)²)². */
    @ParameterizedTest
    @CsvSource({"5, 0.5", "8, 0.8"})
    void theLaterOfTwo(int tenths, double share) {
        var a = Activity.order("a", Aim.RUNNER, Duration.ofDays(100));
        var b = Activity.order("b", Aim.RUNNER, Duration.ofDays(100));
        var end = Activity.order("end", Aim.RUNNER, Duration.ZERO);
        var triangle = new ThreePoint(0, 0, 1);
        Dates dates = run(
                problem(List.of(a, b, end), Link.of("a", "end"), Link.of("b", "end")),
                waiting(Map.of(a.id(), triangle, b.id(), triangle)));
        double exact = 1 - Math.sqrt(1 - Math.sqrt(share));
        assertThat(days(dates, tenths) / 100).isCloseTo(exact, within(0.012));
    }

    @Test
    void whatIsCertainIsTheSameDateInEveryPart() {
        var first = Activity.job("a", Aim.RUNNER, 8, new Crew(1, List.of("ines")));
        var second = Activity.job("b", Aim.RUNNER, 4, new Crew(1, List.of("ines")));
        PlanProblem problem = problem(List.of(first, second), Link.of("a", "b"));
        Dates dates = run(problem, uncertain(Map.of(), List.of()));
        Instant planned = plan(problem).of(second.id()).orElseThrow().end();
        for (int tenths = 1; tenths <= 10; tenths++)
            assertThat(dates.inTen(Aim.RUNNER, tenths)).contains(planned);
        assertThat(dates.drivers(Aim.RUNNER)).isEmpty();
    }

    /** The same seed, the same dates, on one thread and on eight; another seed, others. */
    @Test
    void threadsDoNotMatterAndTheSeedDoes() throws Exception {
        PlanProblem problem = evenings();
        Uncertain unknown = unsure(problem);
        List<Optional<Instant>> one = onThreads(1, problem, unknown, 7);
        assertThat(onThreads(2, problem, unknown, 7)).isEqualTo(one);
        assertThat(onThreads(8, problem, unknown, 7)).isEqualTo(one);
        assertThat(onThreads(2, problem, unknown, 8)).isNotEqualTo(one);
    }

    /** Found in three of ten runs, it adds 40 hours: what drives the date is what it lengthens, and opening it tells nearly all. */
    @Test
    void openingWhatHidesTheMostTellsTheMost() {
        var open = Activity.job("open", Aim.RUNNER, 8, new Crew(1, List.of("ines")));
        var bearing = Activity.job("bearing", Aim.RUNNER, 80, new Crew(1, List.of("ines")));
        var paint = Activity.job("paint", Aim.RUNNER, 20, new Crew(1, List.of("ines")));
        PlanProblem problem =
                eveningsOf(List.of(open, bearing, paint), Link.of("open", "bearing"), Link.of("bearing", "paint"));
        var hidden = new Hidden(open.id(), List.of(bearing.id()), 0.3, ThreePoint.certain(2));
        var harmless = new Hidden(paint.id(), List.of(paint.id()), 0.3, ThreePoint.certain(0));
        Dates dates = run(problem, uncertain(Map.of(), List.of(hidden, harmless)));
        assertThat(dates.openings(Aim.RUNNER))
                .extracting(Dates.Telling::opening)
                .containsExactly(open.id());
        assertThat(dates.openings(Aim.RUNNER).get(0).work()).isEqualTo(Duration.ofHours(2));
        assertThat(dates.openings(Aim.RUNNER).get(0).narrower()).isGreaterThan(Duration.ofDays(30));
        assertThat(dates.drivers(Aim.RUNNER).get(0).activity()).isEqualTo(bearing.id());
        assertThat(dates.drivers(Aim.RUNNER).get(0).correlation()).isGreaterThan(0.9);
    }

    @Test
    void itStopsWhenItIsTold() {
        var asked = new AtomicInteger();
        PlanProblem problem = evenings();
        var simulation = new Simulation(problem, plan(problem), unsure(problem), 1);
        assertThat(simulation.run(RUNS, () -> asked.incrementAndGet() > 50)).isEmpty();
        assertThat(simulation.done()).isLessThan(60);
    }

    /** The same draws with more that comes to light: no part of the runs is sooner. */
    @Test
    void moreHiddenDamageIsNeverSooner() {
        PlanProblem problem = evenings();
        ActivityId first = problem.activities().get(0).id();
        var few = uncertain(unsure(problem).work(), List.of(hiding(problem, first, 0.1)));
        var many = uncertain(unsure(problem).work(), List.of(hiding(problem, first, 0.6)));
        Dates sooner = run(problem, few);
        Dates later = run(problem, many);
        for (int tenths = 1; tenths <= 9; tenths++)
            assertThat(later.inTen(Aim.RUNNER, tenths).orElse(HORIZON))
                    .isAfterOrEqualTo(sooner.inTen(Aim.RUNNER, tenths).orElseThrow());
    }

    private static Hidden hiding(PlanProblem problem, ActivityId opening, double probability) {
        return new Hidden(
                opening, problem.activities().stream().map(Activity::id).toList(), probability, ThreePoint.certain(1));
    }

    private static Dates network() {
        int[][] points = {
            {2, 4, 6},
            {4, 7, 16},
            {12, 18, 36},
            {8, 11, 20},
            {2, 9, 10},
            {8, 8, 20},
            {10, 13, 22},
            {10, 16, 34},
            {6, 15, 18},
            {6, 18, 18},
            {8, 8, 8},
            {2, 11, 14},
            {2, 4, 6},
            {10, 11, 18}
        };
        String[] links = "A>B B>C C>D C>E E>F D>G E>H G>H C>I F>J I>J J>K J>L H>M K>N L>N".split(" ");
        List<Activity> activities = new ArrayList<>();
        Map<ActivityId, ThreePoint> waits = new HashMap<>();
        for (int i = 0; i < points.length; i++) {
            String name = String.valueOf((char) ('A' + i));
            activities.add(Activity.order(name, Aim.RUNNER, Duration.ofHours(12L * points[i][1])));
            double likely = points[i][1];
            waits.put(new ActivityId(name), new ThreePoint(points[i][0] / likely, 1, points[i][2] / likely));
        }
        Link[] all = Arrays.stream(links)
                .map(l -> Link.of(l.substring(0, 1), l.substring(2)))
                .toArray(Link[]::new);
        return run(problem(activities, all), waiting(waits));
    }

    private static PlanProblem evenings() {
        List<Activity> jobs = IntStream.range(0, 12)
                .mapToObj(i -> Activity.job("j" + i, Aim.RUNNER, 6 + i, new Crew(1, List.of("ines"))))
                .toList();
        return eveningsOf(jobs, Link.of("j0", "j3"), Link.of("j3", "j7"), Link.of("j1", "j7"));
    }

    private static PlanProblem eveningsOf(List<Activity> jobs, Link... links) {
        List<TimeWindow> windows = IntStream.range(0, 400)
                .filter(d -> d % 3 == 0)
                .mapToObj(d -> NOW.plus(Duration.ofDays(d)).plus(Duration.ofHours(18)))
                .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(2))))
                .toList();
        return PlanProblem.simple(
                NOW, HORIZON, ZoneOffset.UTC, List.of(new Person("ines", windows)), jobs, List.of(links));
    }

    private static Uncertain unsure(PlanProblem problem) {
        Map<ActivityId, ThreePoint> work = new HashMap<>();
        problem.activities().forEach(a -> work.put(a.id(), new ThreePoint(0.7, 1, 2)));
        return new Uncertain(work, Spreads.STRAY, Map.of(), List.of(), new OwnFactor(0, 1.3), Map.of());
    }

    private static List<Optional<Instant>> onThreads(int threads, PlanProblem problem, Uncertain unknown, long seed)
            throws Exception {
        var pool = new ForkJoinPool(threads);
        try {
            Dates dates = pool.submit(() -> new Simulation(problem, plan(problem), unknown, seed).run(400, () -> false))
                    .get()
                    .orElseThrow();
            return IntStream.rangeClosed(1, 9)
                    .mapToObj(t -> dates.inTen(Aim.RUNNER, t))
                    .toList();
        } finally {
            pool.shutdown();
        }
    }

    private static Uncertain uncertain(Map<ActivityId, ThreePoint> work, List<Hidden> hidden) {
        return new Uncertain(work, 0, Map.of(), hidden, AS_THOUGHT, ALWAYS);
    }

    private static Uncertain waiting(Map<ActivityId, ThreePoint> waits) {
        return new Uncertain(Map.of(), 0, waits, List.of(), AS_THOUGHT, ALWAYS);
    }

    private static PlanProblem problem(List<Activity> activities, Link... links) {
        return PlanProblem.simple(
                NOW,
                HORIZON,
                ZoneOffset.UTC,
                List.of(new Person("ines", List.of(new TimeWindow(NOW, HORIZON)))),
                activities,
                List.of(links));
    }

    private static Dates run(PlanProblem problem, Uncertain uncertain) {
        return new Simulation(problem, plan(problem), uncertain, SEED)
                .run(RUNS, () -> false)
                .orElseThrow();
    }

    private static Plan plan(PlanProblem problem) {
        return ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(20, 1))).plan();
    }

    private static double days(Dates dates, double tenths) {
        return hours(dates, tenths) / 24;
    }

    private static double hours(Dates dates, double tenths) {
        return Duration.between(NOW, dates.inTen(Aim.RUNNER, tenths).orElseThrow())
                        .toSeconds()
                / 3600.0;
    }
}
