package ofisino.core.parts.order;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * The same part bought more than once, because the one before was used up, lost, or wrong.
 *
 * @param times    on how many orders
 * @param failed   how many of them were wrong or damaged
 * @param sumMinor what all of them cost, in the garage's currency
 */
public record Again(int times, int failed, long sumMinor) {
    /** Common practice, no source: who has been let down twice buys the third somewhere else, or a better one. */
    public static final int ASK_AFTER = 2;

    /** @param baseMinor price and share of the post, in the garage's currency */
    public record Purchase(
            LocalDate orderedOn, Optional<LocalDate> arrivedOn, Optional<LineOutcome> outcome, long baseMinor) {
        boolean isAfter(Purchase other) {
            return other.arrivedOn().filter(day -> !day.isAfter(orderedOn)).isPresent();
        }
    }

    /**
     * Of all purchases of one part, where one was ordered after another had come; empty where none was. What was called off is no purchase.
     *
     * @param another one more is about to be ordered
     */
    public static Optional<Again> of(Collection<Purchase> purchases, boolean another) {
        List<Purchase> bought = purchases.stream()
                .filter(p -> !p.outcome().equals(Optional.of(LineOutcome.CANCELLED)))
                .toList();
        boolean isRepeated = bought.stream()
                .anyMatch(came -> came.arrivedOn().isPresent()
                        && (another || bought.stream().anyMatch(next -> next != came && next.isAfter(came))));
        if (!isRepeated) return Optional.empty();
        return Optional.of(new Again(
                bought.size(),
                (int) bought.stream()
                        .filter(p -> p.outcome().filter(LineOutcome::isFailed).isPresent())
                        .count(),
                bought.stream().mapToLong(Purchase::baseMinor).reduce(0, Math::addExact)));
    }

    /** Whether a person is asked before the next is ordered. */
    public boolean isAsked() {
        return failed >= ASK_AFTER;
    }
}
