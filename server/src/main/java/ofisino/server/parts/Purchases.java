package ofisino.server.parts;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.parts.order.Again;
import ofisino.core.parts.order.LineOutcome;
import ofisino.core.parts.order.SellerRecord;
import ofisino.server.identity.Caller;

/** The door to what was bought, in the garage's own currency. */
public interface Purchases {
    List<Purchase> of(Caller caller, UUID projectId);

    /** Of all cars of the garage. */
    List<Purchase> all(Caller caller);

    /**
     * @param saidFirst when it was to come, before it was put off
     * @param baseMinor price and share of the post, at the rate of the order
     */
    record Purchase(
            UUID projectId,
            UUID needId,
            UUID supplierId,
            LocalDate orderedOn,
            LocalDate saidFirst,
            Optional<LocalDate> arrivedOn,
            Optional<LineOutcome> outcome,
            long baseMinor) {
        public Again.Purchase again() {
            return new Again.Purchase(orderedOn, arrivedOn, outcome, baseMinor);
        }

        public SellerRecord.Dealt dealt() {
            return new SellerRecord.Dealt(saidFirst, arrivedOn, outcome, baseMinor);
        }
    }
}
