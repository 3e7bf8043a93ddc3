package ofisino.server.money.waste;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.money.ledger.WasteCause;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface WasteMapper {
    List<WasteRow> of(UUID garageId, UUID projectId);

    /** A booked entry that no other takes back, locked: what is wasted of it is added up. */
    Optional<BookedRow> lockBooked(UUID garageId, UUID entryId);

    void insert(UUID garageId, WasteRow row);

    int delete(UUID garageId, UUID id);

    record WasteRow(UUID id, UUID entryId, long minor, WasteCause cause, String note) {}

    /** @param wastedMinor of it by now */
    record BookedRow(UUID projectId, long baseMinor, long wastedMinor) {}
}
