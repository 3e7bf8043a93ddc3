package ofisino.server.parts.need;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Side;
import ofisino.core.parts.sourcing.Grade;
import ofisino.core.parts.sourcing.NeedState;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface NeedMapper {
    List<NeedRow> of(UUID garageId, UUID projectId);

    List<NeedRow> ofJob(UUID garageId, UUID jobId);

    Optional<NeedRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, NeedRow need);

    int update(UUID garageId, NeedRow need);

    /** Marks it on the order with which it came last. */
    void sentBack(UUID garageId, UUID needId, LocalDate on);

    void reassign(UUID garageId, UUID fromJobId, UUID toJobId);

    record NeedRow(
            UUID id,
            UUID projectId,
            @Nullable UUID jobId,
            String title,
            Side side,
            int quantity,
            long estimateMinor,
            int leadDays,
            boolean essential,
            NeedState state,
            String stateReason,
            @Nullable UUID placeId,
            @Nullable String placeCode,
            @Nullable String placeName,
            @Nullable LocalDate arrivedOn,
            @Nullable UUID orderId,
            @Nullable LocalDate expectedOn,
            @Nullable String supplier,
            @Nullable Grade grade,
            String gradeReason,
            long version) {

        NeedRow in(NeedState next, String reason, @Nullable UUID place, @Nullable LocalDate arrived, long onVersion) {
            return new NeedRow(
                    id,
                    projectId,
                    jobId,
                    title,
                    side,
                    quantity,
                    estimateMinor,
                    leadDays,
                    essential,
                    next,
                    reason,
                    place,
                    null,
                    null,
                    arrived,
                    orderId,
                    expectedOn,
                    supplier,
                    grade,
                    gradeReason,
                    onVersion);
        }
    }
}
