package ofisino.core.plan.sentout;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import ofisino.core.kernel.InvalidValue;

/**
 * A job that somebody else does.
 *
 * @param toWhom    the welder, the machinist; empty where nobody has chosen yet
 * @param away      from handing it over until it is back
 * @param costMinor what was agreed, minor units of the base currency; 0 where nobody knows yet
 * @param backOn    the day that was promised, once it was handed over; empty while it is still here
 */
public record GivenAway(String toWhom, DaysAway away, long costMinor, Optional<LocalDate> backOn) {
    public GivenAway {
        if (costMinor < 0)
            throw InvalidValue.at(
                    "costMinor", "given-away.cost", "The price cannot be negative.", "Enter 0 if you do not know.");
    }

    /** What is still owed, by what is paid; what was paid more is no credit. */
    public long owedMinor(long paidMinor) {
        return Math.max(0, Math.subtractExact(costMinor, paidMinor));
    }

    /** Nobody knows yet what it costs, and nothing is paid that tells it. */
    public boolean isUnpriced(long paidMinor) {
        return costMinor == 0 && paidMinor == 0;
    }

    /** What is left of its days: all of them until it is handed over, then until the end of the promised day; a day that is past counts as today. */
    public DaysAway leftOn(LocalDate today) {
        return backOn.map(on -> Math.max(0, ChronoUnit.DAYS.between(today, on)) + 1)
                .map(days -> new DaysAway(Math.toIntExact(Math.min(days, DaysAway.MOST))))
                .orElse(away);
    }
}
