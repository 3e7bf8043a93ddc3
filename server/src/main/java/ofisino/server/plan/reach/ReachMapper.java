package ofisino.server.plan.reach;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface ReachMapper {
    /** Of a job, and of other jobs at the same place of the vehicle. */
    List<ReachRow> of(UUID garageId, UUID jobId);

    void insert(UUID garageId, UUID jobId, NewReach reach);

    int delete(UUID garageId, UUID id);

    record NewReach(
            UUID id,
            String fastener,
            String tools,
            @Nullable UUID onlyAfter) {}

    /**
     * @param onlyAfter the job that has to be done before it can be reached
     * @param foundAt   the job in which it was found out
     */
    record ReachRow(
            UUID id,
            UUID jobId,
            String fastener,
            String tools,
            @Nullable UUID onlyAfter,
            @Nullable String onlyAfterTitle,
            String foundAt) {}
}
