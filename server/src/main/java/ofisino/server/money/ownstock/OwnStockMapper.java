package ofisino.server.money.ownstock;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface OwnStockMapper {
    List<StockUse> of(UUID garageId, UUID projectId);

    void insert(UUID garageId, UUID projectId, StockUse use);

    int delete(UUID garageId, UUID projectId, UUID id);

    /** @param worthMinor what it would cost to buy, in the base currency */
    record StockUse(
            UUID id,
            String title,
            long worthMinor,
            @Nullable UUID jobId,
            LocalDate usedOn) {}
}
