package ofisino.core.money.gain;

import java.util.OptionalInt;
import java.util.OptionalLong;

/**
 * What a piece of work brought, in the unit of what was measured; above 0 where it is better now.
 *
 * @param by     difference of the means
 * @param low    in 19 of 20 cases it is no less
 * @param high   in 19 of 20 cases it is no more
 * @param enough runs before, and as many after, that would tell; empty where it is told, or where hundreds would not
 */
public record Gain(double by, double low, double high, Verdict verdict, OptionalInt enough) {
    /** Whether the runs bear it out. */
    public enum Verdict {
        /** Another load, place or day: nothing follows. */
        NOT_ALIKE,
        /** A single run says nothing of how much runs differ by themselves. */
        TOO_FEW,
        /** Runs differ so much by themselves that it may be nothing. */
        CHANCE,
        BETTER,
        WORSE
    }

    /** What each unit of it cost, rounded; empty where nothing is gained for sure. @param paidMinor what the work cost, minor units of the base currency */
    public OptionalLong eachMinor(long paidMinor) {
        return verdict == Verdict.BETTER ? OptionalLong.of(Math.round(paidMinor / by)) : OptionalLong.empty();
    }
}
