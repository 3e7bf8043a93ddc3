package ofisino.server.money.recheck;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface RecheckMapper {
    List<DoubtfulRow> all(UUID garageId);

    int tick(UUID garageId, UUID id);

    /** What an amount belongs to. */
    enum Of {
        ENTRY,
        PURCHASE_ORDER,
        PROJECT,
        NEED
    }

    /** @param amountMinor as it was kept */
    record DoubtfulRow(
            UUID id,
            @Nullable UUID projectId,
            Of entity,
            UUID rowId,
            String title,
            String currency,
            long amountMinor) {}
}
