package ofisino.server.plan.scope;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.job.Operation;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface ScopeMapper {
    List<BaselineRow> baseline(UUID garageId, UUID projectId);

    void clearBaseline(UUID garageId, UUID projectId);

    void insertBaseline(UUID garageId, UUID projectId, BaselineRow row);

    List<ZoneAimRow> zoneAims(UUID garageId, UUID projectId);

    void deleteZoneAim(UUID garageId, UUID projectId, String zone);

    void insertZoneAim(UUID garageId, UUID projectId, ZoneAimRow row);

    List<RepeatCauseRow> repeatCauses(UUID garageId, UUID projectId);

    void deleteRepeatCause(UUID garageId, UUID projectId, RepeatCauseRow row);

    void insertRepeatCause(UUID garageId, UUID projectId, RepeatCauseRow row);

    /** @param plannedFor the day on which it was to be finished; absent where it had no date */
    record BaselineRow(
            UUID jobId,
            int likelyMinutes,
            LocalDate setOn,
            @Nullable LocalDate plannedFor) {}

    record ZoneAimRow(String zone, Aim aim, String reason) {}

    record RepeatCauseRow(String zone, Operation operation, String cause) {}
}
