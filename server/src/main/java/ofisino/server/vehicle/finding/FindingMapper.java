package ofisino.server.vehicle.finding;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.finding.Claim;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.Finding;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.core.vehicle.finding.Observation;
import ofisino.core.vehicle.finding.PreviousWork;
import ofisino.core.vehicle.finding.Safety;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.finding.Severity;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface FindingMapper {
    List<FindingRow> of(UUID garageId, UUID projectId);

    /** For those who do not show them: pictures are not counted. */
    List<FindingRow> withoutPhotos(UUID garageId, UUID projectId);

    Optional<FindingRow> find(UUID garageId, UUID id);

    /** How the zone was looked at last. */
    Optional<HowSeen> lastSeen(UUID garageId, UUID projectId, String zone);

    void insert(UUID garageId, FindingRow finding);

    /** All but id, project, photos; only where the stored version is the finding's. */
    int update(UUID garageId, FindingRow finding);

    /**
     * A {@link Finding} as it is stored and told.
     *
     * @param component what it is about, where somebody named it
     * @param proposed      fields that nobody has confirmed
     * @param demandedClass what all that is known of it demands
     * @param loweredReason why {@code safetyClass} is milder than that
     * @param loweredByName who lowered it
     * @param photos        how many pictures are linked, and the first of them
     */
    record FindingRow(
            UUID id,
            UUID projectId,
            String zone,
            VehicleSystem system,
            @Nullable String component,
            FindingKind kind,
            int severity,
            SafetyClass safetyClass,
            SafetyClass demandedClass,
            @Nullable String loweredReason,
            @Nullable UUID loweredBy,
            @Nullable String loweredByName,
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
            @Nullable String limitId,
            @Nullable UUID behindId,
            @Nullable UUID duplicateOf,
            @Nullable PreviousWork previousWork,
            int photos,
            @Nullable UUID firstPhoto,
            long version) {

        static FindingRow of(Finding f) {
            Optional<Safety.Lowering> lowering = f.safety().lowering();
            return new FindingRow(
                    f.id(),
                    f.projectId(),
                    f.seen().zone(),
                    f.seen().system(),
                    f.seen().component().orElse(null),
                    f.seen().kind(),
                    f.severity().value().grade(),
                    f.safety().value(),
                    f.safety().demanded(),
                    lowering.map(Safety.Lowering::reason).orElse(null),
                    lowering.map(Safety.Lowering::by).orElse(null),
                    null,
                    f.howSeen().value(),
                    f.seen().covered(),
                    f.aim().value(),
                    proposed(f),
                    f.seen().note(),
                    f.seen().foundOn(),
                    f.state(),
                    f.decided().map(Finding.Decided::decision).orElse(null),
                    f.decided().map(Finding.Decided::reason).orElse(null),
                    f.closingNote(),
                    f.seen().checkId().orElse(null),
                    f.seen().limitId().orElse(null),
                    f.origin().behind().orElse(null),
                    f.origin().duplicateOf().orElse(null),
                    f.origin().previousWork().orElse(null),
                    0,
                    null,
                    f.version());
        }

        private static List<String> proposed(Finding f) {
            List<String> fields = new ArrayList<>();
            if (f.severity().isProposed()) fields.add("severity");
            if (f.safety().held().isProposed()) fields.add("safetyClass");
            if (f.howSeen().isProposed()) fields.add("howSeen");
            if (f.aim().isProposed()) fields.add("aim");
            return fields;
        }

        Finding toCore() {
            return new Finding(
                    id,
                    projectId,
                    new Observation(
                            zone,
                            system,
                            Optional.ofNullable(component),
                            kind,
                            covered,
                            note,
                            foundOn,
                            Optional.ofNullable(checkId),
                            Optional.ofNullable(limitId)),
                    claim("severity", new Severity(severity)),
                    new Safety(
                            demandedClass,
                            claim("safetyClass", safetyClass),
                            Optional.ofNullable(loweredReason).map(r -> new Safety.Lowering(r, loweredBy))),
                    claim("howSeen", howSeen),
                    claim("aim", aim),
                    state,
                    Optional.ofNullable(decision).map(d -> new Finding.Decided(d, decisionReason)),
                    closingNote,
                    new Finding.Origin(
                            Optional.ofNullable(behindId),
                            Optional.ofNullable(duplicateOf),
                            Optional.ofNullable(previousWork)),
                    version);
        }

        private <T> Claim<T> claim(String field, T value) {
            return proposed.contains(field) ? new Claim.Proposed<>(value) : new Claim.Said<>(value);
        }
    }
}
