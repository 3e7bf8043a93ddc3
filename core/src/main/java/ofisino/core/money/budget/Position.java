package ofisino.core.money.budget;

/**
 * Where the money of a project stands, in minor units of the base currency. Every figure is a sum of lines that the caller can show.
 *
 * @param budget        what the whole may cost, the vehicle included
 * @param spent         posted entries, without the deposits that can still come back
 * @param orderedNotPaid what is ordered and not yet covered by posted entries, at the rates on ordering
 * @param toOrder       estimates of needs that are not ordered
 * @param agreed        what others ask for jobs that they do, and what is not paid of it
 */
public record Position(long budget, long spent, long orderedNotPaid, long toOrder, long agreed) {
    /** The same with so much less to order and so much less agreed. */
    public Position without(long toOrderMinor, long agreedMinor) {
        return new Position(
                budget,
                spent,
                orderedNotPaid,
                Math.subtractExact(toOrder, toOrderMinor),
                Math.subtractExact(agreed, agreedMinor));
    }

    /** What it will have cost, as far as it is known now. */
    public long willHaveCost() {
        return Math.addExact(Math.addExact(spent, orderedNotPaid), Math.addExact(toOrder, agreed));
    }

    /** What the budget leaves; negative when it is overrun, which is shown and not hidden. */
    public long left() {
        return Math.subtractExact(budget, willHaveCost());
    }

    /** The overrun in hundredths of a percent of the budget, rounded half up; 0 while there is none or no budget. */
    public long overBasisPoints() {
        if (left() >= 0 || budget <= 0) return 0;
        return Math.round(-left() * 10_000.0 / budget);
    }
}
