package ofisino.core.plan.progress;

import java.util.OptionalDouble;
import ofisino.core.kernel.InvalidValue;

/**
 * What was thought, what is earned and what it took, in one unit: hours, or money. Work is earned when its job is finished, at what was
 * thought for it (the 0/100 rule), so that nobody earns by starting. What was to be earned by now is {@link PlannedValue}: a restorer's plan is made
 * anew each evening, so it is that of the day on which a plan was kept.
 *
 * <p>Formulas: earned value management as in ANSI/EIA-748 and PMI's Practice Standard; from memory.
 *
 * @param whole  thought for all of it: the budget at completion
 * @param earned thought for what is finished
 * @param spent  what that took
 */
public record EarnedValue(double whole, double earned, double spent) {
    public EarnedValue {
        if (!(whole >= 0 && earned >= 0 && spent >= 0) || earned > whole)
            throw InvalidValue.of(
                    "earned.range",
                    "Of %s nobody can have earned %s and spent %s.",
                    "Give no more than the whole, and nothing below 0.",
                    whole,
                    earned,
                    spent);
    }

    /** Earned for each unit spent; empty while nothing is. */
    public OptionalDouble costIndex() {
        return earned == 0 || spent == 0 ? OptionalDouble.empty() : OptionalDouble.of(earned / spent);
    }

    /** What the rest takes if it goes as it was thought. */
    public double restAsThought() {
        return whole - earned;
    }

    /** What the rest takes if it goes like what is finished; empty while nothing is. */
    public OptionalDouble restLikeSoFar() {
        return costIndex().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(restAsThought() / costIndex().getAsDouble());
    }

    /** The whole in the end, if the rest goes like what is finished: the estimate at completion. Empty while nothing is. */
    public OptionalDouble endLikeSoFar() {
        return restLikeSoFar().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(spent + restLikeSoFar().getAsDouble());
    }
}
