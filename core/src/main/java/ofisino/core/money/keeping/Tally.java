package ofisino.core.money.keeping;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.OptionalLong;
import ofisino.core.kernel.InvalidValue;

/**
 * What a vehicle has cost, less what it fetches, over the time that it was had.
 *
 * @param netMinor what went out less what came in or would come in; minor units, below 0 where it earned
 * @param from     had from this day on
 * @param to       until this one
 * @param km       driven meanwhile; 0 where none or nobody knows
 */
public record Tally(long netMinor, LocalDate from, LocalDate to, int km) {
    private static final double DAYS_A_MONTH = 365.25 / 12;

    public Tally {
        if (to.isBefore(from))
            throw InvalidValue.of("tally.days", "It was not had from %s to %s.", "Correct one of the days.", from, to);
        if (km < 0) throw InvalidValue.at("km", "tally.km", "It was not driven backwards.", "Enter 0 while it stands.");
    }

    /** Each month that it was had; the first counts whole, so that a week is not reckoned up to a year. */
    public long perMonth() {
        return Math.round(netMinor / Math.max(1, ChronoUnit.DAYS.between(from, to) / DAYS_A_MONTH));
    }

    /** Each kilometre; empty where it was not driven. */
    public OptionalLong perKm() {
        return km == 0 ? OptionalLong.empty() : OptionalLong.of(Math.round((double) netMinor / km));
    }
}
