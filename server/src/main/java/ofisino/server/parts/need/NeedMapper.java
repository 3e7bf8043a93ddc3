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

    /** @param answerBy while it is held back: the day by which the answer is promised; absent where none is */
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
            @Nullable LocalDate answerBy,
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

        /** Of which nothing is said yet. */
        static NeedRow fresh(UUID id, UUID projectId) {
            return new NeedRow(
                    id,
                    projectId,
                    null,
                    "",
                    Side.NONE,
                    1,
                    0,
                    0,
                    true,
                    NeedState.NEEDED,
                    "",
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    "",
                    0);
        }

        /** Held back, until a day where somebody promised one. */
        NeedRow held(String reason, @Nullable LocalDate until, long onVersion) {
            return with(state.to(NeedState.HELD, title), reason, until, placeId, arrivedOn, onVersion);
        }

        NeedRow in(NeedState next, String reason, @Nullable UUID place, @Nullable LocalDate arrived, long onVersion) {
            return with(next, reason, null, place, arrived, onVersion);
        }

        private NeedRow with(
                NeedState next,
                String reason,
                @Nullable LocalDate answer,
                @Nullable UUID place,
                @Nullable LocalDate arrived,
                long onVersion) {
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
                    answer,
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
