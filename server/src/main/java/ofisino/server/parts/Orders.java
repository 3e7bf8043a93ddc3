package ofisino.server.parts;

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

    /** @param rate one unit of the currency in the garage's base currency */
    record Order(
            UUID id,
            UUID projectId,
            UUID supplierId,
            String supplier,
            String currency,
            BigDecimal rate,
            LocalDate rateOn,
            long postMinor,
            LocalDate orderedOn,
            LocalDate expectedOn,
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
                    postMinor, lines.stream().mapToLong(Line::amountMinor).reduce(0, Math::addExact));
        }
    }
}
