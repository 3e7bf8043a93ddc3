package ofisino.core.plan.risk;

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

/** A large restoration run through 10 000 times, with its dates and what drives them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2)
@Measurement(iterations = 10)
public class SimulationBenchmark {
    @Param({"100", "300", "1000"})
    int jobs;

    private LargeRun run;

    @Setup
    public void prepare() {
        run = LargeRun.of(jobs);
    }

    @Benchmark
    public Object runs() {
        return run.simulation().run(Simulation.RUNS, () -> false).orElseThrow();
    }
}
