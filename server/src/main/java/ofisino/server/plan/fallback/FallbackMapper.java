package ofisino.server.plan.fallback;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface FallbackMapper {
    List<FallbackRow> of(UUID garageId, UUID projectId);

    Optional<FallbackRow> find(UUID garageId, UUID jobId);

    void put(UUID garageId, FallbackRow row);

    int delete(UUID garageId, UUID jobId);

    record FallbackRow(UUID jobId, String what, int leadDays, long costMinor) {}
}
