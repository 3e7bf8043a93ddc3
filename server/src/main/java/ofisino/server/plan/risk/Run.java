package ofisino.server.plan.risk;

import java.time.Duration;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import ofisino.core.plan.risk.Dates;
import ofisino.core.plan.risk.Simulation;

/** One plan that is run through. */
final class Run {
    private final Simulation simulation;
    private final long patienceNanos;
    private volatile long askedAtNanos;
    private volatile boolean stopped;
    private volatile boolean left;
    private volatile Optional<Dates> dates = Optional.empty();

    /** @param patience so long after it was last asked for somebody waits for it */
    Run(Simulation simulation, Duration patience) {
        this.simulation = simulation;
        this.patienceNanos = patience.toNanos();
        noteAsked();
    }

    int done() {
        return simulation.done();
    }

    /** It is not worked out any further, and not begun again. */
    void stop() {
        stopped = true;
    }

    boolean isStopped() {
        return stopped;
    }

    void noteAsked() {
        askedAtNanos = System.nanoTime();
    }

    /** Something newer took its place while nobody waited for it; who asks for it once more begins it again. */
    boolean isLeft() {
        return left;
    }

    /** Empty until it is done. */
    Optional<Dates> dates() {
        return dates;
    }

    /** @param isOld whether its car has a newer plan */
    void work(BooleanSupplier closing, BooleanSupplier isOld) {
        dates = simulation.run(Simulation.RUNS, () -> stopped || closing.getAsBoolean() || leaves(isOld));
        if (dates.isEmpty() && !left) stopped = true;
    }

    private boolean leaves(BooleanSupplier isOld) {
        if (!left && isOld.getAsBoolean() && System.nanoTime() - askedAtNanos >= patienceNanos) left = true;
        return left;
    }
}
