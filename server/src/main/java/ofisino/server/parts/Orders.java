package ofisino.server.parts;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
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
        /** @param returnedOn when it was sent back */
        public record Line(
                UUID needId,
                @Nullable UUID jobId,
                String title,
                long amountMinor,
                @Nullable LocalDate returnedOn) {}

        public Order {
            lines = List.copyOf(lines);
        }

        /** The prices of what was sent back; post is not. */
        public long returnedMinor() {
            return lines.stream()
                    .filter(l -> l.returnedOn() != null)
                    .mapToLong(Line::amountMinor)
                    .reduce(0, Math::addExact);
        }

        public long totalMinor() {
            return Math.addExact(
                    terms.postMinor(),
                    lines.stream().mapToLong(Line::amountMinor).reduce(0, Math::addExact));
        }
    }
}
