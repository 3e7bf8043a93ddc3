package ofisino.core.plan.orderofwork;

import java.time.Duration;
import java.util.Optional;
import ofisino.core.kernel.Source;
import ofisino.core.vehicle.body.Zone;

/**
 * One rule of the trade about what comes first.
 *
 * @param near     how near to each other the two jobs must be for it to hold
 * @param must     never waived; a rule that only should hold can be, with a reason
 * @param gate     what comes after cannot be undone: all that comes before has to be over
 * @param demanded what comes before may not simply be missing: somebody does it or says that there is nothing to do
 * @param within   what comes after should begin no later than this after it; empty for any time
 * @param reason   one sentence for a beginner
 */
public record OrderOfWorkRule(
        String id,
        AnyOf before,
        AnyOf after,
        Near near,
        boolean must,
        boolean gate,
        boolean demanded,
        Optional<Duration> within,
        String reason,
        Source source) {

    /** How near two jobs must be for a rule to bind them. */
    public enum Near {
        SAME_ZONE,
        /** The same place on the other side. Such a rule binds whichever side is begun first, and leaves free which one that is. */
        OTHER_SIDE,
        SAME_SYSTEM,
        VEHICLE;

        boolean holds(Work<?> a, Work<?> b) {
            return switch (this) {
                case SAME_ZONE ->
                    a.zone().isPresent() && a.zone().equals(b.zone())
                            || a.piece().isPresent() && a.piece().equals(b.piece());
                case OTHER_SIDE ->
                    a.zone().isPresent()
                            && b.zone().isPresent()
                            && Zone.areOpposite(a.zone().get(), b.zone().get());
                case SAME_SYSTEM -> a.system().isPresent() && a.system().equals(b.system());
                case VEHICLE -> true;
            };
        }
    }

    /** It holds one side of a pair back while the other is open; it does not say which is first. */
    boolean isOfTwoSides() {
        return near == Near.OTHER_SIDE;
    }

    /** Whether it has something come before that work. A job that fits both sides is not held by its like. */
    boolean comesAfter(Work<?> work) {
        return after.fits(work) && !before.fits(work);
    }

    /** Whether {@code first} has to be over before {@code second} begins. */
    boolean orders(Work<?> first, Work<?> second) {
        return before.fits(first) && comesAfter(second) && near.holds(first, second);
    }
}
