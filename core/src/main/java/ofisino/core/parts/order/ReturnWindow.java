package ofisino.core.parts.order;

import java.time.LocalDate;
import ofisino.core.kernel.InvalidValue;

/**
 * Until when a thing may go back to its seller.
 *
 * @param arrivedOn the first day
 * @param days      that the seller gives from then on, 0 to 365
 */
public record ReturnWindow(LocalDate arrivedOn, int days) {
    /** Common practice, no source: to pack it and take it to the post. */
    public static final int HANDLING_DAYS = 2;

    public static final int LONGEST_DAYS = 365;

    public ReturnWindow {
        if (days < 0 || days > LONGEST_DAYS)
            throw InvalidValue.at(
                    "returnDays",
                    "return.range",
                    "%d days cannot be a time for sending things back.",
                    "Enter 0 to %d days, or leave it empty while you do not know.",
                    days,
                    LONGEST_DAYS);
    }

    /** The last day on which it may be on its way back. */
    public LocalDate lastDay() {
        return arrivedOn.plusDays(days);
    }

    /** The last day to look at it, so that it can still be packed and posted; never before it came. */
    public LocalDate checkBy() {
        LocalDate by = lastDay().minusDays(HANDLING_DAYS);
        return by.isBefore(arrivedOn) ? arrivedOn : by;
    }
}
