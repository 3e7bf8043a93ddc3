package ofisino.core.plan.risk;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** From the press that stops a run in the middle to its end. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2)
@Measurement(iterations = 20)
public class CancelBenchmark {
    private static final int IN_THE_MIDDLE = 1000;

    @Param({"300", "1000"})
    int jobs;

    private LargeRun run;
    private AtomicBoolean stopped;
    private CompletableFuture<Boolean> whole;

    @Setup
    public void prepare() {
        run = LargeRun.of(jobs);
    }

    @Setup(Level.Invocation)
    public void begin() throws InterruptedException {
        stopped = new AtomicBoolean();
        AtomicBoolean stop = stopped;
        Simulation simulation = run.simulation();
        whole = CompletableFuture.supplyAsync(
                () -> simulation.run(Simulation.RUNS, stop::get).isPresent(), task -> new Thread(task).start());
        while (simulation.done() < IN_THE_MIDDLE) Thread.sleep(5);
    }

    @Benchmark
    public boolean stop() {
        stopped.set(true);
        if (whole.join()) throw new IllegalStateException("it was done before it was stopped");
        return true;
    }
}
