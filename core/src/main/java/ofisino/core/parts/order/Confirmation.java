package ofisino.core.parts.order;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * What a seller answered on an order, beside what was ordered. It is believed only where both agree; what differs is for the person to settle.
 *
 * @param orderedMinor the goods as they were ordered, in minor units of the order's currency
 * @param saidMinor    the goods as the seller confirms them, likewise
 * @param expectedOn   by when they were expected
 * @param saidOn       by when the seller says they come
 */
public record Confirmation(long orderedMinor, long saidMinor, LocalDate expectedOn, LocalDate saidOn) {
    /** The same sum, and no later than it was expected. */
    public boolean agrees() {
        return saidMinor == orderedMinor && laterDays() == 0;
    }

    /** So many of an article were reckoned with for an amount at its price: a kit for several parts is one. At least 1. */
    public static int countFor(long amountMinor, long priceMinor) {
        return (int) Math.max(1, Math.round((double) amountMinor / Math.max(1, priceMinor)));
    }

    /** More than was ordered; negative where it is less. */
    public long dearerMinor() {
        return Math.subtractExact(saidMinor, orderedMinor);
    }

    /** 0 where it comes in time. */
    public long laterDays() {
        return Math.max(0, ChronoUnit.DAYS.between(expectedOn, saidOn));
    }
}
