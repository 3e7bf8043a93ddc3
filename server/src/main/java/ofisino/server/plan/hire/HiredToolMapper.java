package ofisino.server.plan.hire;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.job.HiredTool;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface HiredToolMapper {
    List<HiredTool> all(UUID garageId);

    void insert(UUID garageId, HiredTool tool);

    int delete(UUID garageId, UUID id);
}
