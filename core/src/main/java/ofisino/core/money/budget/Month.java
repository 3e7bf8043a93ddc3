package ofisino.core.money.budget;

/**
 * The money of one month, in minor units of the base currency.
 *
 * @param allowance what the person lets the hobby have each month
 * @param spent     posted this month
 * @param due       ordered, not paid, and expected to be due this month
 */
public record Month(long allowance, long spent, long due) {
    /** May be negative: then the month is short. */
    public long left() {
        return Math.subtractExact(Math.subtractExact(allowance, spent), due);
    }
}
