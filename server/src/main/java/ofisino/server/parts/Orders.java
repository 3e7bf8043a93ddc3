package ofisino.server.parts;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import ofisino.core.parts.order.LineOutcome;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to orders. */
public interface Orders {
    List<Order> of(Caller caller, UUID projectId);

    /** @throws ofisino.core.kernel.NotFound when the garage has no such order */
    Order require(Caller caller, UUID orderId);

    /**
     * From whom, for how much, until when.
     *
     * @param reference the supplier's own
     * @param rate      one unit of the currency in the garage's base currency
     */
    record Terms(
            UUID supplierId,
            @Nullable String reference,
            String currency,
            BigDecimal rate,
            LocalDate rateOn,
            long postMinor,
            LocalDate orderedOn,
            LocalDate expectedOn) {
        public Terms {
            reference = reference == null ? "" : reference;
        }
    }

    record Order(
            UUID id,
            UUID projectId,
            String supplier,
            @JsonUnwrapped Terms terms,
            List<Line> lines) {
        /**
         * @param pieces       that were ordered
         * @param sparePieces  more in the pack than was needed: they go onto the shelf
         * @param expectedOn   when it was last said to come
         * @param outcome      what came of it; absent while nobody has looked at it
         * @param returnedOn   when it was found wrong or called off: its price is not owed any more, or comes back
         * @param sentOn       when it was posted back
         * @param slip         number of the parcel in which it went back
         * @param refundLostOn since when nobody expects its price to come back
         */
        public record Line(
                UUID id,
                UUID needId,
                @Nullable UUID jobId,
                String title,
                int pieces,
                int sparePieces,
                long amountMinor,
                LocalDate expectedOn,
                @Nullable LocalDate arrivedOn,
                @Nullable LineOutcome outcome,
                String outcomeReason,
                @Nullable LocalDate returnedOn,
                @Nullable LocalDate sentOn,
                String slip,
                @Nullable LocalDate refundLostOn) {
            /** Its price is still expected back. */
            public boolean isPriceExpected() {
                return returnedOn != null && refundLostOn == null;
            }
        }

        public Order {
            lines = List.copyOf(lines);
        }

        /** The prices of what was sent back or called off; post is not. */
        public long returnedMinor() {
            return sum(l -> l.returnedOn() != null);
        }

        /** Of these, what nobody expects to come back any more. */
        public long lostMinor() {
            return sum(l -> l.refundLostOn() != null);
        }

        private long sum(Predicate<Line> of) {
            return lines.stream().filter(of).mapToLong(Line::amountMinor).reduce(0, Math::addExact);
        }

        public long totalMinor() {
            return Math.addExact(
                    terms.postMinor(),
                    lines.stream().mapToLong(Line::amountMinor).reduce(0, Math::addExact));
        }
    }
}
