package ofisino.server.vehicle;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.inspection.Decision;
import ofisino.core.vehicle.inspection.FindingKind;
import ofisino.core.vehicle.inspection.FindingState;
import ofisino.core.vehicle.inspection.SafetyClass;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to findings: to read them, and to tell them how their jobs go. */
public interface Findings {
    List<Finding> of(Caller caller, UUID projectId);

    Finding require(Caller caller, UUID findingId);

    /** Records what somebody else noticed, as a doubt; what it means is proposed. */
    void recordDoubt(Caller caller, UUID projectId, UUID id, String zone, String note, LocalDate foundOn);

    /** Takes one step of the finding's life; no step where it stands there already. */
    void moveTo(Caller caller, UUID findingId, FindingState state);

    /** Makes the safety class at least this grave; never lowers it. */
    void raise(Caller caller, UUID findingId, SafetyClass atLeast);

    /** Looked at again after its jobs: good, then it closes; not good, then it goes back to be decided. */
    void recheck(Caller caller, UUID findingId, boolean good, @Nullable String note, long version);

    record Finding(
            UUID id,
            UUID projectId,
            String zone,
            VehicleSystem system,
            FindingKind kind,
            int severity,
            SafetyClass safetyClass,
            HowSeen howSeen,
            boolean covered,
            String note,
            Aim aim,
            FindingState state,
            @Nullable Decision decision,
            @Nullable String checkId,
            @Nullable UUID behindId) {}
}
