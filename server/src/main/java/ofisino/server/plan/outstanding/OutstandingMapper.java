package ofisino.server.plan.outstanding;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.plan.outstanding.OutstandingItem.OutstandingKind;
import ofisino.core.plan.outstanding.OutstandingItem.When;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface OutstandingMapper {
    List<OutstandingRow> of(UUID garageId, UUID projectId);

    Optional<OutstandingRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, OutstandingRow outstanding);

    int update(UUID garageId, OutstandingRow outstanding);

    /**
     * @param when     what it waits for
     * @param jobId    the later, permanent job
     * @param partState where the part that it waits for stands
     * @param happened the event has happened, or the part is here
     */
    record OutstandingRow(
            UUID id,
            UUID projectId,
            @Nullable String zone,
            OutstandingKind kind,
            String what,
            String later,
            When when,
            String event,
            @Nullable LocalDate dueOn,
            @Nullable UUID needId,
            @Nullable UUID jobId,
            boolean happened,
            @Nullable LocalDate settledOn,
            @Nullable NeedState partState,
            long version) {
        OutstandingRow now(boolean hasHappened, @Nullable LocalDate settled, long onVersion) {
            return new OutstandingRow(
                    id,
                    projectId,
                    zone,
                    kind,
                    what,
                    later,
                    when,
                    event,
                    dueOn,
                    needId,
                    jobId,
                    hasHappened,
                    settled,
                    partState,
                    onVersion);
        }
    }
}
