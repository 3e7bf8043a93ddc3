package ofisino.core.money.budget;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;

/**
 * Money that comes back only if somebody sees to it.
 *
 * @param from  the seller, or what a deposit was left on
 * @param minor minor units of the base currency, positive
 * @param by    of a deposit the last day on which the old part brings it back; of a refund the day by which it was to be here
 */
public record MoneyDue(MoneyDueKind kind, String from, long minor, LocalDate by) implements Comparable<MoneyDue> {
    /** What is to be done about it. */
    public enum MoneyDueKind {
        /** The old part goes back, and what was left for it comes back. */
        DEPOSIT,
        /** The thing went back and its price did not come. */
        REFUND
    }

    /** So long before its last day a deposit is spoken of. Common practice, no source: two weekends to find and pack the old part. */
    public static final int DEPOSIT_NOTICE_DAYS = 14;

    /** So long a seller may take to pay back. Directive 2011/83/EU art. 13 (1), of a purchase at a distance; recalled, not looked up. */
    public static final int REFUND_DAYS = 14;

    /** Empty while there is time enough. */
    public static Optional<MoneyDue> of(Deposit deposit, LocalDate today) {
        return today.isBefore(deposit.returnBy().minusDays(DEPOSIT_NOTICE_DAYS))
                ? Optional.empty()
                : Optional.of(
                        new MoneyDue(MoneyDueKind.DEPOSIT, deposit.name(), deposit.baseMinor(), deposit.returnBy()));
    }

    /**
     * What a seller still owes; empty while he may still take his time.
     *
     * @param since the day on which it went back or was called off
     */
    public static Optional<MoneyDue> refund(String seller, long minor, LocalDate since, LocalDate today) {
        LocalDate by = since.plusDays(REFUND_DAYS);
        return minor > 0 && today.isAfter(by)
                ? Optional.of(new MoneyDue(MoneyDueKind.REFUND, seller, minor, by))
                : Optional.empty();
    }

    private static final Comparator<MoneyDue> SOONEST =
            Comparator.comparing(MoneyDue::by).thenComparing(MoneyDue::kind).thenComparing(MoneyDue::from);

    @Override
    public int compareTo(MoneyDue other) {
        return SOONEST.compare(this, other);
    }
}
