package ofisino.server.vehicle.inspection;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.inspection.Decision;
import ofisino.core.vehicle.inspection.DecisionProposal;
import ofisino.core.vehicle.inspection.DecisionRules;
import ofisino.core.vehicle.inspection.FindingKind;
import ofisino.core.vehicle.inspection.FindingState;
import ofisino.core.vehicle.inspection.FoundBehind;
import ofisino.core.vehicle.inspection.PreviousWork;
import ofisino.core.vehicle.inspection.Proposal;
import ofisino.core.vehicle.inspection.ProposalRules;
import ofisino.core.vehicle.inspection.SafetyClass;
import ofisino.core.vehicle.inspection.Severity;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.inspection.FindingController.FindingFields;
import ofisino.server.vehicle.inspection.FindingMapper.FindingRow;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Findings from the walk round the car until they are closed. */
@Service
class FindingService implements Findings {
    private final FindingMapper mapper;
    private final Projects projects;

    FindingService(FindingMapper mapper, Projects projects) {
        this.mapper = mapper;
        this.projects = projects;
    }

    List<FindingRow> list(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    FindingRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "finding", id);
    }

    Proposal propose(Caller caller, UUID projectId, String zoneId, FindingKind kind) {
        Zone zone = projects.bodyOf(projects.require(caller, projectId)).require(zoneId);
        return ProposalRules.propose(zone, kind, mapper.lastSeen(caller.garageId(), projectId, zoneId));
    }

    /** Records a finding; what the person left open is filled by the proposal and marked as proposed. */
    FindingRow record(Caller caller, UUID projectId, UUID id, FindingFields fields) {
        projects.requireOpen(caller, projectId);
        mapper.insert(caller.garageId(), filled(caller, projectId, id, fields, FindingState.OPEN, null, null, "", 0));
        return find(caller, id);
    }

    FindingRow change(Caller caller, UUID id, FindingFields fields, long version) {
        FindingRow stored = openFinding(caller, id);
        FindingRow changed = filled(
                caller,
                stored.projectId(),
                id,
                fields,
                stored.state(),
                stored.decision(),
                stored.decisionReason(),
                stored.closingNote(),
                version);
        if (stored.decision() != null)
            DecisionRules.check(stored.decision(), changed.safetyClass(), changed.system(), stored.decisionReason());
        return save(caller, changed);
    }

    private FindingRow filled(
            Caller caller,
            UUID projectId,
            UUID id,
            FindingFields f,
            FindingState state,
            Decision decision,
            String reason,
            String closingNote,
            long version) {
        Zone zone = projects.bodyOf(projects.require(caller, projectId)).require(f.zone());
        Proposal proposal =
                ProposalRules.propose(zone, f.kind(), mapper.lastSeen(caller.garageId(), projectId, f.zone()));
        List<String> proposed = new ArrayList<>();
        int severity = or(f.severity(), proposal.severity().grade(), "severity", proposed);
        SafetyClass safety = or(f.safetyClass(), proposal.safetyClass(), "safetyClass", proposed);
        HowSeen seen = or(f.howSeen(), proposal.howSeen(), "howSeen", proposed);
        Aim aim = or(f.aim(), proposal.aim(), "aim", proposed);
        return new FindingRow(
                id,
                projectId,
                zone.id(),
                zone.system(),
                f.kind(),
                new Severity(severity).grade(),
                safety,
                seen,
                f.covered(),
                aim,
                proposed,
                Texts.note("note", f.note()),
                f.foundOn(),
                state,
                decision,
                reason,
                closingNote,
                f.checkId(),
                null,
                null,
                null,
                0,
                null,
                version);
    }

    private static <T> T or(T said, T proposal, String field, List<String> proposed) {
        if (said != null) return said;
        proposed.add(field);
        return proposal;
    }

    FindingRow decide(Caller caller, UUID id, Decision decision, String reason, long version) {
        FindingRow stored = openFinding(caller, id);
        DecisionRules.check(decision, stored.safetyClass(), stored.system(), reason);
        FindingState state = decision == Decision.ACCEPT || decision == Decision.REUSE
                ? stored.state().to(FindingState.DECIDED).to(FindingState.CLOSED)
                : stored.state().to(FindingState.DECIDED);
        return save(caller, with(stored, state, decision, Texts.line("reason", reason), stored.closingNote(), version));
    }

    @Override
    public void recheck(Caller caller, UUID id, boolean good, String note, long version) {
        FindingRow stored = openFinding(caller, id);
        if (stored.state() != FindingState.AWAITING_RECHECK)
            throw new Conflict(
                    "finding.not-awaiting", "This finding does not await a re-check: its jobs are not all finished.");
        FindingState next = stored.state().to(good ? FindingState.CLOSED : FindingState.DECIDED);
        save(caller, with(stored, next, stored.decision(), stored.decisionReason(), Texts.note("note", note), version));
    }

    /** @param duplicateOf the finding that stays; it takes over the graver class of the two */
    FindingRow withdraw(Caller caller, UUID id, String reason, @Nullable UUID duplicateOf, long version) {
        FindingRow stored = openFinding(caller, id);
        FindingRow withdrawn = save(
                caller,
                with(
                        stored,
                        stored.state().to(FindingState.WITHDRAWN),
                        stored.decision(),
                        stored.decisionReason(),
                        Texts.line("reason", reason),
                        version));
        if (duplicateOf == null) return withdrawn;
        FindingRow kept = openFinding(caller, duplicateOf);
        if (kept.state().isOver()
                || !kept.projectId().equals(stored.projectId())
                || kept.id().equals(id))
            throw new Conflict(
                    "finding.duplicate",
                    "Choose another finding of this vehicle that is still open: it is the one that stays.");
        raise(caller, kept.id(), stored.safetyClass());
        return relate(caller, withdrawn, withdrawn.behindId(), duplicateOf, withdrawn.previousWork());
    }

    FindingRow reopen(Caller caller, UUID id, long version) {
        FindingRow stored = openFinding(caller, id);
        FindingRow reopening = stored.duplicateOf() == null
                ? stored
                : relate(caller, stored, stored.behindId(), null, stored.previousWork());
        return save(
                caller,
                with(
                        reopening,
                        stored.state().to(FindingState.OPEN),
                        null,
                        null,
                        "",
                        version + reopening.version() - stored.version()));
    }

    /** Where a finding comes from: what it was found behind, and what becomes of an earlier owner's work. */
    FindingRow origin(
            Caller caller, UUID id, @Nullable UUID behindId, @Nullable PreviousWork previousWork, long version) {
        FindingRow stored = openFinding(caller, id);
        if (behindId != null) {
            Map<UUID, UUID> behind = new HashMap<>();
            for (FindingRow f : list(caller, stored.projectId())) behind.put(f.id(), f.behindId());
            if (!behind.containsKey(behindId)) throw new NotFound("finding", behindId);
            FoundBehind.check(id, behindId, behind);
        }
        Stored.notStale(stored.version() == version ? 1 : 0, "finding", () -> stored);
        return relate(caller, stored, behindId, stored.duplicateOf(), previousWork);
    }

    private FindingRow relate(
            Caller caller,
            FindingRow f,
            @Nullable UUID behindId,
            @Nullable UUID duplicateOf,
            @Nullable PreviousWork previousWork) {
        Stored.notStale(
                mapper.updateRelations(caller.garageId(), f.id(), behindId, duplicateOf, previousWork, f.version()),
                "finding",
                () -> find(caller, f.id()));
        return find(caller, f.id());
    }

    /** What each open finding suggests to decide. */
    Map<UUID, DecisionProposal> decisions(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        Map<UUID, DecisionProposal> proposals = new LinkedHashMap<>();
        for (FindingRow f : list(caller, projectId))
            if (f.state() == FindingState.OPEN)
                proposals.put(
                        f.id(),
                        DecisionProposal.of(
                                f.kind(), f.safetyClass(), f.aim(), project.aim(), project.doubtfulParts()));
        return proposals;
    }

    private FindingRow openFinding(Caller caller, UUID id) {
        FindingRow stored = find(caller, id);
        projects.requireOpen(caller, stored.projectId());
        return stored;
    }

    private FindingRow save(Caller caller, FindingRow changed) {
        Stored.notStale(mapper.update(caller.garageId(), changed), "finding", () -> find(caller, changed.id()));
        return find(caller, changed.id());
    }

    private static FindingRow with(
            FindingRow f, FindingState state, Decision decision, String reason, String closingNote, long version) {
        return new FindingRow(
                f.id(),
                f.projectId(),
                f.zone(),
                f.system(),
                f.kind(),
                f.severity(),
                f.safetyClass(),
                f.howSeen(),
                f.covered(),
                f.aim(),
                f.proposed(),
                f.note(),
                f.foundOn(),
                state,
                decision,
                reason,
                closingNote,
                f.checkId(),
                f.behindId(),
                f.duplicateOf(),
                f.previousWork(),
                f.photos(),
                f.firstPhoto(),
                version);
    }

    @Override
    public List<Finding> of(Caller caller, UUID projectId) {
        return list(caller, projectId).stream().map(FindingService::door).toList();
    }

    @Override
    public Finding require(Caller caller, UUID findingId) {
        return door(find(caller, findingId));
    }

    @Override
    public void moveTo(Caller caller, UUID findingId, FindingState state) {
        FindingRow stored = find(caller, findingId);
        if (stored.state() == state) return;
        save(
                caller,
                with(
                        stored,
                        stored.state().to(state),
                        stored.decision(),
                        stored.decisionReason(),
                        stored.closingNote(),
                        stored.version()));
    }

    @Override
    public void recordDoubt(Caller caller, UUID projectId, UUID id, String zone, String note, LocalDate foundOn) {
        record(
                caller,
                projectId,
                id,
                new FindingFields(zone, FindingKind.DOUBT, null, null, null, false, null, note, foundOn, null));
    }

    @Override
    public void raise(Caller caller, UUID findingId, SafetyClass atLeast) {
        FindingRow stored = find(caller, findingId);
        if (stored.safetyClass().graver(atLeast) == stored.safetyClass()) return;
        FindingFields fields = new FindingFields(
                stored.zone(),
                stored.kind(),
                stored.severity(),
                atLeast,
                stored.howSeen(),
                stored.covered(),
                stored.aim(),
                stored.note(),
                stored.foundOn(),
                stored.checkId());
        change(caller, findingId, fields, stored.version());
    }

    private static Finding door(FindingRow f) {
        return new Finding(
                f.id(),
                f.projectId(),
                f.zone(),
                f.system(),
                f.kind(),
                f.severity(),
                f.safetyClass(),
                f.howSeen(),
                f.covered(),
                f.note(),
                f.aim(),
                f.state(),
                f.decision(),
                f.checkId(),
                f.behindId());
    }
}
