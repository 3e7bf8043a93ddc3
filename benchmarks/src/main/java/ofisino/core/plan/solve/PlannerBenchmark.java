package ofisino.core.plan.solve;

import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;

import java.util.concurrent.TimeUnit;
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

/** A serial pass, a replan from the statement to the reasons, and the floats, for a large restoration over two years. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 4)
public class PlannerBenchmark {
    /** What the server spends on a replan. */
    private static final Planner.Budget BUDGET = new Planner.Budget(150, 1);

    @Param({"100", "300", "1000"})
    int jobs;

    private PlanProblem problem;
    private ScheduleGeneration pass;
    private int[] list;
    private PlanProblem following;
    private Plan plan;

    @Setup
    public void prepare() {
        problem = LargeGarage.of(jobs);
        var in = new Instance(problem);
        pass = new ScheduleGeneration(in);
        list = new PriorityRules(in).list(PriorityRules.Rule.LONGEST_TAIL);
        plan = ((PlanOutcome.Planned) Planner.plan(problem, BUDGET)).plan();
        following = problem.keeping(plan);
    }

    @Benchmark
    public boolean serialPass() {
        return pass.serial(list, false);
    }

    @Benchmark
    public PlanOutcome replan() {
        return Planner.plan(following, BUDGET);
    }

    @Benchmark
    public Object floats() {
        return Slack.latestStarts(problem, plan);
    }
}
