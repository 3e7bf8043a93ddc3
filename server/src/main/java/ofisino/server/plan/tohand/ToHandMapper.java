package ofisino.server.plan.tohand;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.job.ToHand;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface ToHandMapper {
    List<ToHandRow> of(UUID garageId, UUID projectId);

    void put(UUID garageId, ToHandRow row);

    void delete(UUID garageId, UUID jobId);

    /** @param given fasteners that a recipe named */
    record ToHandRow(UUID jobId, List<String> tools, List<String> fasteners, List<String> given) {
        ToHand toCore() {
            return new ToHand(tools, fasteners);
        }
    }
}
