package ofisino.server.plan.condition;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface ConditionMapper {
    List<ConditionRow> of(UUID garageId, UUID projectId);

    void put(UUID garageId, ConditionRow row);

    void delete(UUID garageId, UUID jobId);

    record ConditionRow(
            UUID jobId,
            int people,
            boolean inOneGo,
            int dryMinutes,
            @Nullable UUID placeId,
            boolean keepsPlace,
            boolean outdoors) {}
}
