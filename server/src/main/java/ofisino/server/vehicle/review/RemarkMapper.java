package ofisino.server.vehicle.review;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface RemarkMapper {
    List<RemarkRow> of(UUID garageId, UUID projectId);

    Optional<RemarkRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, UUID projectId, RemarkRow remark);

    int decide(UUID garageId, UUID id, State state, String reason, long version);

    /** Waits until nobody else writes to the project: outsiders come without the queue of the garage's own writes. */
    int lock(UUID garageId, UUID projectId);

    enum State {
        UNCONFIRMED,
        ACCEPTED,
        REJECTED
    }

    /** @param findingId or @param zone what it is about */
    record RemarkFields(@Nullable UUID findingId, @Nullable String zone, String author, String words) {}

    record RemarkRow(
            UUID id,
            UUID projectId,
            UUID linkId,
            @Nullable Instant saidAt,
            State state,
            String reason,
            long version,
            @JsonUnwrapped RemarkFields said) {}
}
