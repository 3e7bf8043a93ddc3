package ofisino.server.plan.outstanding;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
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
     * @param kind  mended for the time being if not said
     * @param when  what it waits for
     * @param jobId the later, permanent job
     */
    record OutstandingFields(
            @Nullable String zone,
            @Nullable OutstandingKind kind,
            String what,
            String later,
            When when,
            @Nullable String event,
            @Nullable LocalDate dueOn,
            @Nullable UUID needId,
            @Nullable UUID jobId) {
        public OutstandingFields {
            kind = kind == null ? OutstandingKind.FOR_NOW : kind;
            event = event == null ? "" : event;
        }
    }

    /**
     * @param happened  the event has happened, or the part is here
     * @param partState where the part that it waits for stands
     */
    record OutstandingRow(
            UUID id,
            UUID projectId,
            boolean happened,
            @Nullable LocalDate settledOn,
            @Nullable NeedState partState,
            long version,
            @JsonUnwrapped OutstandingFields said) {
        OutstandingRow now(boolean hasHappened, @Nullable LocalDate settled, long onVersion) {
            return new OutstandingRow(id, projectId, hasHappened, settled, partState, onVersion, said);
        }
    }
}
