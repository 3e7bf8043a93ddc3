package ofisino.core.money.budget;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
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

    /** A thing that went back or was called off. @param minor its price, in minor units of the base currency */
    public record WentBack(long minor, LocalDate on) {}

    /**
     * What a seller still owes; empty while he may still take his time. What has not gone back yet he does not owe.
     *
     * @param expectedMinor what of the order's money is still to come back
     * @param wentBack      of that order
     */
    public static Optional<MoneyDue> refund(
            String seller, long expectedMinor, Collection<WentBack> wentBack, LocalDate today) {
        List<WentBack> late = wentBack.stream()
                .filter(w -> today.isAfter(w.on().plusDays(REFUND_DAYS)))
                .toList();
        long minor =
                Math.min(expectedMinor, late.stream().mapToLong(WentBack::minor).reduce(0, Math::addExact));
        return minor <= 0
                ? Optional.empty()
                : late.stream()
                        .map(w -> w.on().plusDays(REFUND_DAYS))
                        .min(Comparator.naturalOrder())
                        .map(by -> new MoneyDue(MoneyDueKind.REFUND, seller, minor, by));
    }

    private static final Comparator<MoneyDue> SOONEST =
            Comparator.comparing(MoneyDue::by).thenComparing(MoneyDue::kind).thenComparing(MoneyDue::from);

    @Override
    public int compareTo(MoneyDue other) {
        return SOONEST.compare(this, other);
    }
}
