package ofisino.core.plan.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Optional;
import ofisino.core.kernel.InvalidValue;

/**
 * Elapsed time against hours of work: an assembly that took a year may have taken a week of evenings.
 *
 * @param minutes of work
 * @param months  of the calendar, begun ones counted
 */
public record Pace(long minutes, int months) {
    /** After so many days without an evening the car stands still. */
    public static final int DORMANT_DAYS = 30;

    public Pace {
        if (minutes < 0 || months < 1)
            throw InvalidValue.of(
                    "pace.range",
                    "%d minutes in %d months cannot be.",
                    "Give 0 or more minutes in at least one month.",
                    minutes,
                    months);
    }

    /** From the first to the last evening, both included. */
    public static Pace between(LocalDate first, LocalDate last, long minutes) {
        return new Pace(minutes, (int) ChronoUnit.MONTHS.between(first.withDayOfMonth(1), last.withDayOfMonth(1)) + 1);
    }

    /** Several phases, one after the other. */
    public static Pace sum(Collection<Pace> phases) {
        return new Pace(
                phases.stream().mapToLong(Pace::minutes).sum(),
                phases.stream().mapToInt(Pace::months).sum());
    }

    /** Hours in the garage in an average one of its months. */
    public double hoursPerMonth() {
        return minutes / 60.0 / months;
    }

    /** Days since the last evening, once they are many enough to say so. */
    public static Optional<Long> dormantDays(LocalDate lastWorkSession, LocalDate today) {
        return Optional.of(ChronoUnit.DAYS.between(lastWorkSession, today)).filter(d -> d >= DORMANT_DAYS);
    }
}
