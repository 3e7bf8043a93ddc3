package ofisino.core.parts.order;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Optional;

/**
 * What a seller's deliveries were like.
 *
 * @param came      lines that have come
 * @param onTime    of them, no later than first said
 * @param right     of those looked at
 * @param failed    of those looked at, wrong or damaged
 * @param failedMinor what those cost, in the garage's currency
 */
public record SellerRecord(int came, int onTime, int right, int failed, long failedMinor) {
    /** Common practice, no source: once is bad luck, twice a warning, and then it is the seller. */
    public static final int AVOID_AFTER = 3;

    /** @param saidFirst when it was to come @param baseMinor price and share of the post, in the garage's currency */
    public record Dealt(
            LocalDate saidFirst, Optional<LocalDate> arrivedOn, Optional<LineOutcome> outcome, long baseMinor) {
        boolean isFailed() {
            return outcome.filter(LineOutcome::isFailed).isPresent();
        }
    }

    /** Of all that was ordered there. */
    public static SellerRecord of(Collection<Dealt> all) {
        int onTime = (int) all.stream()
                .filter(d ->
                        d.arrivedOn().filter(day -> !day.isAfter(d.saidFirst())).isPresent())
                .count();
        return new SellerRecord(
                (int) all.stream().filter(d -> d.arrivedOn().isPresent()).count(),
                onTime,
                (int) all.stream()
                        .filter(d -> d.outcome().equals(Optional.of(LineOutcome.RIGHT)))
                        .count(),
                (int) all.stream().filter(Dealt::isFailed).count(),
                all.stream().filter(Dealt::isFailed).mapToLong(Dealt::baseMinor).reduce(0, Math::addExact));
    }

    /** So many failed that a person is advised against the next order. */
    public boolean isToAvoid() {
        return failed >= AVOID_AFTER;
    }
}
