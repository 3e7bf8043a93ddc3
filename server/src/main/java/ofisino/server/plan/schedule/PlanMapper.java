package ofisino.server.plan.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.plan.orderofwork.WayRound;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface PlanMapper {
    List<PinRow> pins(UUID garageId, UUID projectId);

    /** A later day for the same activity takes the place of the one before. */
    void putPin(UUID garageId, UUID projectId, PinRow pin);

    int deletePin(UUID garageId, UUID projectId, String activity);

    Optional<WayRound> policy(UUID garageId, UUID projectId);

    void putPolicy(UUID garageId, UUID projectId, WayRound policy);

    List<FollowedRow> followed(UUID garageId, UUID projectId);

    void clearFollowed(UUID garageId, UUID projectId);

    void insertFollowed(UUID garageId, UUID projectId, FollowedRow row);

    record PinRow(UUID id, String activity, LocalDate notBefore) {}

    /** @param stretches beginnings and ends in turn */
    record FollowedRow(
            int position,
            String activity,
            Instant startsAt,
            Instant endsAt,
            List<String> people,
            List<String> stretches,
            Instant followedAt) {}
}
