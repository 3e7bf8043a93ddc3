package ofisino.core.plan.progress;

import java.util.OptionalDouble;
import ofisino.core.kernel.InvalidValue;

/**
 * What was thought, what is earned and what it took, in one unit: hours, or money. Work is earned when its job is finished, at what was
 * thought for it (the 0/100 rule), so that nobody earns by starting.
 *
 * <p>Formulas: earned value management as in ANSI/EIA-748 and PMI's Practice Standard; from memory.
 *
 * @param whole   thought for all of it: the budget at completion
 * @param planned thought for what was to be finished by now
 * @param earned  thought for what is finished
 * @param spent   what that took
 */
public record EarnedValue(double whole, double planned, double earned, double spent) {
    public EarnedValue {
        if (!(whole >= 0 && planned >= 0 && earned >= 0 && spent >= 0) || earned > whole || planned > whole)
            throw InvalidValue.of(
                    "earned.range",
                    "Of %s nobody can have planned %s, earned %s and spent %s.",
                    "Give no more than the whole, and nothing below 0.",
                    whole,
                    planned,
                    earned,
                    spent);
    }

    /** Less than nothing: it took more than was thought. */
    public double costVariance() {
        return earned - spent;
    }

    /** Less than nothing: less is finished than was to be. */
    public double scheduleVariance() {
        return earned - planned;
    }

    /** Earned for each unit spent; empty while nothing is spent. */
    public OptionalDouble costIndex() {
        return spent == 0 ? OptionalDouble.empty() : OptionalDouble.of(earned / spent);
    }

    /** Finished for each unit that was to be; empty while nothing was to be. */
    public OptionalDouble scheduleIndex() {
        return planned == 0 ? OptionalDouble.empty() : OptionalDouble.of(earned / planned);
    }

    /** What the rest takes if it goes as it was thought. */
    public double restAsThought() {
        return whole - earned;
    }

    /** What the rest takes if it goes like what is finished; empty while nothing is earned. */
    public OptionalDouble restLikeSoFar() {
        return earned == 0 ? OptionalDouble.empty() : OptionalDouble.of((whole - earned) * spent / earned);
    }

    /** The whole in the end, if the rest goes as it was thought. */
    public double endAsThought() {
        return spent + restAsThought();
    }

    /** The whole in the end, if the rest goes like what is finished; empty while nothing is earned. */
    public OptionalDouble endLikeSoFar() {
        return earned == 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(spent + restLikeSoFar().getAsDouble());
    }

    /** The whole in the end, if being late costs besides: the rest by both indices. Empty while one of them is none. */
    public OptionalDouble endByBoth() {
        if (earned == 0 || planned == 0 || spent == 0) return OptionalDouble.empty();
        double both = costIndex().getAsDouble() * scheduleIndex().getAsDouble();
        return OptionalDouble.of(spent + restAsThought() / both);
    }
}
