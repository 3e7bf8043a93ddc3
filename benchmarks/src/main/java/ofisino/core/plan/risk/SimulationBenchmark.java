package ofisino.core.plan.risk;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.solve.LargeGarage;
import ofisino.core.plan.solve.Planner;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A large restoration run through 10 000 times, with its dates and what drives them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2)
@Measurement(iterations = 5)
public class SimulationBenchmark {
    @Param({"100", "300", "1000"})
    int jobs;

    private PlanProblem problem;
    private Plan plan;
    private Uncertain uncertain;

    @Setup
    public void prepare() {
        problem = LargeGarage.of(jobs);
        plan = ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(30, 1))).plan();
        Map<ActivityId, ThreePoint> work = new HashMap<>();
        problem.activities().forEach(a -> work.put(a.id(), new ThreePoint(0.7, 1, 1.8)));
        uncertain = new Uncertain(work, 0.35, Map.of(), List.of(), new OwnFactor(0, 1.3), Map.of());
    }

    @Benchmark
    public Object runs() {
        return new Simulation(problem, plan, uncertain, 1)
                .run(Simulation.RUNS, () -> false)
                .orElseThrow();
    }
}
