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

    /** The loan and what is owed for it, of either of them the other. */
    Optional<OutstandingRow> twin(UUID garageId, UUID id);

    int update(UUID garageId, OutstandingRow outstanding);

    /**
     * @param kind  mended for the time being if not said
     * @param when  what it waits for
     * @param jobId the later, permanent job
     * @param lenderId of a loan: the project of the vehicle that it comes from, which then is owed it
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
            @Nullable UUID jobId,
            @Nullable UUID lenderId) {
        public OutstandingFields {
            kind = kind == null ? OutstandingKind.FOR_NOW : kind;
            event = event == null ? "" : event;
        }
    }

    /**
     * @param happened  the event has happened, or the part is here
     * @param loanId    of what is owed here because another vehicle has it: the loan there
     * @param partState where the part that it waits for stands
     */
    record OutstandingRow(
            UUID id,
            UUID projectId,
            boolean happened,
            @Nullable LocalDate settledOn,
            @Nullable NeedState partState,
            @Nullable UUID loanId,
            long version,
            @JsonUnwrapped OutstandingFields said) {
        OutstandingRow now(boolean hasHappened, @Nullable LocalDate settled, long onVersion) {
            return new OutstandingRow(id, projectId, hasHappened, settled, partState, loanId, onVersion, said);
        }
    }
}
