package ofisino.server.parts.delivery;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import ofisino.core.parts.order.Bought;
import ofisino.core.parts.order.LineOutcome;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface DeliveryMapper {
    List<DeliveryRow> of(UUID garageId, UUID projectId);

    /** The line of the order on which a part was ordered last. */
    Optional<DeliveryRow> latest(UUID garageId, UUID needId);

    Optional<DeliveryRow> find(UUID garageId, UUID id);

    void arrived(UUID garageId, UUID id, LocalDate on);

    /** @param spare that lay in the pack besides */
    void spare(UUID garageId, UUID id, int spare);

    void lookedAt(UUID garageId, UUID id, LineOutcome outcome, String reason, @Nullable LocalDate returnedOn);

    void expected(UUID garageId, UUID id, LocalDate on);

    void tried(UUID garageId, UUID id, LocalDate on);

    void sent(UUID garageId, UUID id, LocalDate on, String slip);

    void refundLost(UUID garageId, UUID id, LocalDate on);

    void takeOff(UUID garageId, UUID id, int pieces, long amountMinor);

    /** What is still to come, on the same order. */
    void rest(UUID garageId, UUID fromId, UUID needId, int pieces, long amountMinor, LocalDate expectedOn);

    /** @param rate one unit of the currency in the garage's own */
    record OrderRate(String currency, BigDecimal rate, LocalDate rateOn) {}

    /** @param sparePieces more in the pack than was needed @param fitted it is on the vehicle */
    record DeliveryRow(
            UUID id,
            UUID needId,
            String supplier,
            int pieces,
            int sparePieces,
            long amountMinor,
            LocalDate orderedOn,
            LocalDate expectedOn,
            @Nullable LocalDate arrivedOn,
            @Nullable Integer returnDays,
            @Nullable LineOutcome outcome,
            @Nullable LocalDate sentOn,
            @Nullable LocalDate refundLostOn,
            @Nullable LocalDate triedOn,
            boolean fitted,
            OrderRate rate) {
        Bought bought(boolean isTriedOn) {
            return new Bought(
                    expectedOn,
                    Optional.ofNullable(arrivedOn),
                    returnDays == null ? OptionalInt.empty() : OptionalInt.of(returnDays),
                    Optional.ofNullable(outcome),
                    Optional.ofNullable(sentOn),
                    isTriedOn,
                    fitted || triedOn != null);
        }
    }
}
