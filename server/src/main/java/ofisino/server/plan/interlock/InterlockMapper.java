package ofisino.server.plan.interlock;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ofisino.core.plan.interlock.Interlock;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface InterlockMapper {
    /** The latest first. */
    List<ConfirmedRow> of(UUID garageId, UUID jobId);

    void insert(UUID garageId, UUID jobId, UUID accountId, NewConfirmation confirmation);

    record ConfirmedRow(UUID id, Interlock interlock, String confirmedBy, Instant confirmedAt, String supportPoints) {}

    /** @param supportPoints where it stands, where its usual points may not bear it; else empty */
    record NewConfirmation(UUID id, Interlock interlock, Instant confirmedAt, String supportPoints) {}
}
