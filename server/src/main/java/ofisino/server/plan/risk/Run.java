package ofisino.server.plan.risk;

import java.time.Duration;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import ofisino.core.plan.risk.Dates;
import ofisino.core.plan.risk.Simulation;

/** One plan that is run through. */
final class Run {
    private final int number;
    private final Simulation simulation;
    private final long patienceNanos;
    private volatile long askedAtNanos;
    private volatile boolean stopped;
    private volatile boolean left;
    private volatile Optional<Dates> dates = Optional.empty();

    /** @param number of no other @param patience so long after it was last asked for somebody waits for it */
    Run(int number, Simulation simulation, Duration patience) {
        this.number = number;
        this.simulation = simulation;
        this.patienceNanos = patience.toNanos();
        noteAsked();
    }

    int number() {
        return number;
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

    /** However it ends, nobody waits for it afterwards. @param isOld whether another plan of its car was asked for since */
    void work(BooleanSupplier closing, BooleanSupplier isOld) {
        try {
            dates = simulation.run(Simulation.RUNS, () -> stopped || closing.getAsBoolean() || leaves(isOld));
        } finally {
            if (dates.isEmpty() && !left) stopped = true;
        }
    }

    private boolean leaves(BooleanSupplier isOld) {
        if (!left && isOld.getAsBoolean() && System.nanoTime() - askedAtNanos >= patienceNanos) left = true;
        return left;
    }
}
