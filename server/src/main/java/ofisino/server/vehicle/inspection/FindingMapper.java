package ofisino.server.vehicle.inspection;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.inspection.Decision;
import ofisino.core.vehicle.inspection.FindingKind;
import ofisino.core.vehicle.inspection.FindingState;
import ofisino.core.vehicle.inspection.PreviousWork;
import ofisino.core.vehicle.inspection.SafetyClass;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface FindingMapper {
    List<FindingRow> of(UUID garageId, UUID projectId);

    Optional<FindingRow> find(UUID garageId, UUID id);

    /** How the zone was looked at last. */
    Optional<HowSeen> lastSeen(UUID garageId, UUID projectId, String zone);

    void insert(UUID garageId, FindingRow finding);

    /** All but id, project, photos; only where the stored version is the finding's. */
    int update(UUID garageId, FindingRow finding);

    /** What it was found behind, what it is a duplicate of, what becomes of an earlier owner's work. */
    int updateRelations(
            UUID garageId,
            UUID id,
            @Nullable UUID behindId,
            @Nullable UUID duplicateOf,
            @Nullable PreviousWork previousWork,
            long version);

    /** @param photos how many pictures are linked, and the first of them */
    record FindingRow(
            UUID id,
            UUID projectId,
            String zone,
            VehicleSystem system,
            FindingKind kind,
            int severity,
            SafetyClass safetyClass,
            HowSeen howSeen,
            boolean covered,
            Aim aim,
            List<String> proposed,
            String note,
            LocalDate foundOn,
            FindingState state,
            @Nullable Decision decision,
            @Nullable String decisionReason,
            String closingNote,
            @Nullable String checkId,
            @Nullable UUID behindId,
            @Nullable UUID duplicateOf,
            @Nullable PreviousWork previousWork,
            int photos,
            @Nullable UUID firstPhoto,
            long version) {}
}
