package ofisino.server.plan.tohand;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface ToHandMapper {
    List<ToHandRow> of(UUID garageId, UUID projectId);

    void put(UUID garageId, ToHandRow row);

    void delete(UUID garageId, UUID jobId);

    record ToHandRow(UUID jobId, List<String> tools, List<String> fasteners) {}
}
