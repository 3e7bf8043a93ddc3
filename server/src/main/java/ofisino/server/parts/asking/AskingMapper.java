package ofisino.server.parts.asking;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.parts.asking.AskingController.SendingAnswer;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface AskingMapper {
    /** What it is known by to the line, of sellers that are. */
    Optional<UUID> supplierOnWire(UUID garageId, String wireName);

    Optional<String> wireName(UUID garageId, UUID supplierId);

    void putWireName(UUID garageId, UUID supplierId, String wireName);

    /** The seller's numbers of what an order asks for, one a line; without those that nobody knows. */
    List<NumberedLine> lines(UUID garageId, UUID orderId);

    List<SendingRow> sendings(UUID garageId, UUID projectId);

    void put(UUID garageId, SendingRow sending);

    /** @param priceMinor of one of the article, as it was offered */
    record NumberedLine(UUID lineId, String article, long priceMinor) {}

    record SendingRow(
            UUID id,
            UUID orderId,
            LocalDate sentOn,
            SendingAnswer answer,
            @Nullable Long saidMinor,
            @Nullable LocalDate saidOn,
            String reason) {}
}
