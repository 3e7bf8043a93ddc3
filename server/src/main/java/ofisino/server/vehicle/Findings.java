package ofisino.server.vehicle;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.finding.Finding;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to findings: to read them, and to tell them how their jobs go. */
public interface Findings {
    List<Finding> of(Caller caller, UUID projectId);

    Finding require(Caller caller, UUID findingId);

    /** Records what somebody else noticed, as a doubt; what it means is proposed. */
    void recordDoubt(Caller caller, UUID projectId, UUID id, String zone, String note, LocalDate foundOn);

    /**
     * Records that checks failed, each with the class that the check and its place ask for; where a finding of it is open already, that one
     * gets at least this class.
     *
     * @return what stands for each of them now, in the same order
     */
    List<Standing> recordFailed(Caller caller, UUID projectId, List<Failed> failed);

    /** @param id of the finding, if one is made */
    record Failed(UUID id, PlacedCheck check, FindingKind kind, HowSeen howSeen, LocalDate on) {}

    /** The finding that stands for a failed check. @param known it was open before */
    record Standing(UUID findingId, String checkId, String zone, boolean known) {}

    /** Takes one step of the finding's life; no step where it stands there already. */
    void moveTo(Caller caller, UUID findingId, FindingState state);

    /** Makes the safety class at least this grave; never lowers it. */
    void raise(Caller caller, UUID findingId, SafetyClass atLeast);

    /** Looked at again after its jobs: good, then it closes; not good, then it goes back to be decided. */
    void recheck(Caller caller, UUID findingId, boolean good, @Nullable String note, long version);
}
