package ofisino.core.parts.sourcing;

import java.time.LocalDate;
import ofisino.core.kernel.InvalidValue;

/**
 * When a part must be ordered to be there in time, and when it will be there.
 *
 * @param leadDays  from order to door
 * @param checkDays margin for looking at what came before the job begins
 */
public record OrderDates(int leadDays, int checkDays) {
    /** Common practice, no source: a day or two to unpack and compare with the old part. */
    public static final int USUAL_CHECK_DAYS = 2;

    public static final int LONGEST_LEAD_DAYS = 730;

    public OrderDates {
        if (leadDays < 0 || leadDays > LONGEST_LEAD_DAYS)
            throw InvalidValue.at(
                    "leadDays",
                    "lead.range",
                    "%d days cannot be a delivery time.",
                    "Enter 0 to %d days.",
                    leadDays,
                    LONGEST_LEAD_DAYS);
        if (checkDays < 0 || checkDays > 60)
            throw InvalidValue.at(
                    "checkDays",
                    "check.range",
                    "%d days is not a time for checking a part.",
                    "Enter 0 to 60 days.",
                    checkDays);
    }

    /** With the usual days for looking at what came. @param leadDays from order to arrival */
    public static OrderDates withUsualCheck(int leadDays) {
        return new OrderDates(leadDays, USUAL_CHECK_DAYS);
    }

    /** Elapsed days from ordering until the part may be used. */
    public int totalDays() {
        return leadDays + checkDays;
    }

    /** The last day to order so that the part is there and checked when the job starts. May lie in the past. */
    public LocalDate lastDayToOrder(LocalDate jobStarts) {
        return jobStarts.minusDays(totalDays());
    }

    /** The first day on which it can be fitted. */
    public LocalDate usableFrom(LocalDate ordered) {
        return ordered.plusDays(totalDays());
    }
}
