package ofisino.core.plan.fallback;

import java.time.LocalDate;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * What is done instead if a risky job fails: an exchange engine instead of the seized one.
 *
 * @param leadDays  from deciding for it until it is in place, 0 to 730
 * @param costMinor what is held for it until the job is over, base currency
 */
public record Fallback(String what, int leadDays, long costMinor) {
    private static final int LONGEST_DAYS = 730;

    public Fallback {
        what = Texts.line("what", what);
        if (leadDays < 0 || leadDays > LONGEST_DAYS)
            throw InvalidValue.at(
                    "leadDays", "fallback.days", "Plan B cannot take %d days.", "Enter 0 to 730.", leadDays);
        if (costMinor < 0)
            throw InvalidValue.at(
                    "costMinor", "fallback.cost", "The cost cannot be negative.", "Enter 0 if you do not know.");
    }

    /** The last day on which one may decide for it, if all has to be done by a day without anything else getting later. */
    public LocalDate decideBy(LocalDate doneBy) {
        return doneBy.minusDays(leadDays);
    }
}
