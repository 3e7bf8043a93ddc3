package ofisino.server.plan.risk;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.ref.WeakReference;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.UUID;
import java.util.stream.IntStream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.risk.Uncertain;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** Which plans are run through, of those that are asked for one after the other. */
class SimulatedPlansTest {
    private static final Instant NOW = Instant.parse("2026-03-02T18:00:00Z");
    private static final UUID CAR = UUID.randomUUID();

    private final Queue<Runnable> waiting = new ArrayDeque<>();

    @Test
    void aPlanThatNobodyWaitsForIsLeftForTheNewOneOfItsCar() {
        var nobodyWaits = new SimulatedPlans(true, waiting::add, Duration.ZERO);
        Run before = ask(nobodyWaits, CAR, 4);
        Run another = ask(nobodyWaits, UUID.randomUUID(), 8);
        Run after = ask(nobodyWaits, CAR, 6);
        work();
        assertThat(before.isLeft()).isTrue();
        assertThat(before.dates()).isEmpty();
        assertThat(before.isStopped()).as("nobody stopped it").isFalse();
        assertThat(after.dates()).isPresent();
        assertThat(another.dates()).as("of another car").isPresent();
        assertThat(ask(nobodyWaits, CAR, 6)).isSameAs(after);

        Run again = ask(nobodyWaits, CAR, 4);
        work();
        assertThat(again.dates()).as("asked for once more").isPresent();
    }

    /** Undone: the plan before is the plan once more. */
    @Test
    void whatIsAskedForAgainIsTheNewest() {
        var nobodyWaits = new SimulatedPlans(true, waiting::add, Duration.ZERO);
        Run before = ask(nobodyWaits, CAR, 4);
        Run changed = ask(nobodyWaits, CAR, 6);
        assertThat(ask(nobodyWaits, CAR, 4)).isSameAs(before);
        work();
        assertThat(before.dates()).isPresent();
        assertThat(changed.isLeft()).isTrue();
    }

    /** A processor that is free begins before whoever asked has gone on. */
    @Test
    void aRunThatBeginsAtOnceIsOfTheNewestPlan() {
        var atOnce = new SimulatedPlans(true, Runnable::run, Duration.ZERO);
        assertThat(ask(atOnce, CAR, 4).dates()).isPresent();
        assertThat(ask(atOnce, CAR, 6).dates()).isPresent();
    }

    @Test
    void waysThatAPageWaitsForAreAllRunThrough() {
        var aPageWaits = new SimulatedPlans(true, waiting::add, Duration.ofDays(1));
        List<Run> ways = IntStream.of(4, 5, 6)
                .mapToObj(slots -> ask(aPageWaits, CAR, slots))
                .toList();
        work();
        assertThat(ways).allSatisfy(run -> assertThat(run.dates()).isPresent());
    }

    @Test
    void whatSomebodyStoppedStaysStopped() {
        var plans = new SimulatedPlans(true, waiting::add, Duration.ZERO);
        ask(plans, CAR, 4).stop();
        work();
        Run stopped = ask(plans, CAR, 4);
        work();
        assertThat(stopped.isStopped()).isTrue();
        assertThat(stopped.dates()).isEmpty();
    }

    /** Each takes megabytes, and plans are remembered for longer. */
    @Test
    void aPlanThatIsRememberedKeepsNoRunOfManyBefore() {
        var plans = new SimulatedPlans(true, Runnable::run, Duration.ZERO);
        List<Asked> asked =
                IntStream.range(1, 9).mapToObj(slots -> asked(plans, slots)).toList();
        System.gc();
        assertThat(asked).filteredOn(a -> a.run().get() != null).hasSize(5);
        assertThat(asked.get(7).run().get()).as("the newest").isNotNull();
    }

    private record Asked(Plan plan, WeakReference<Run> run) {}

    private static Asked asked(SimulatedPlans plans, int slots) {
        PlanProblem problem = problem(slots);
        Plan plan = Planner.plan(problem, new Planner.Budget(30, 1)).plan();
        return new Asked(plan, new WeakReference<>(ask(plans, CAR, problem, plan)));
    }

    private void work() {
        while (!waiting.isEmpty()) waiting.remove().run();
    }

    private static Run ask(SimulatedPlans plans, UUID car, int slots) {
        PlanProblem problem = problem(slots);
        return ask(
                plans,
                car,
                problem,
                Planner.plan(problem, new Planner.Budget(30, 1)).plan());
    }

    private static Run ask(SimulatedPlans plans, UUID car, PlanProblem problem, Plan plan) {
        return plans.lately(
                        car,
                        problem,
                        plan,
                        () -> new Uncertain(Map.of(), 0.35, Map.of(), List.of(), new OwnFactor(0, 1), Map.of()))
                .orElseThrow();
    }

    private static PlanProblem problem(int slots) {
        return PlanProblem.simple(
                NOW,
                NOW.plus(Duration.ofDays(30)),
                ZoneOffset.UTC,
                List.of(new PlanProblem.Person("ines", List.of(new TimeWindow(NOW, NOW.plus(Duration.ofDays(20)))))),
                List.of(Activity.job("weld", Aim.RUNNER, slots, new Activity.Crew(1, List.of("ines")))),
                List.of());
    }
}
