package ofisino.core.vehicle.finding;

import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Moved;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.HowSeen;

/**
 * A defect or doubt from the walk round the car until it is closed. Every move returns the finding as it is then, and what the move did;
 * a move that is not open throws {@link Conflict} or {@link ofisino.core.kernel.InvalidValue} with what to do instead.
 *
 * @param decided     what is to happen with it, and why
 * @param closingNote what was seen at the last look, or why it was withdrawn
 */
public record Finding(
        UUID id,
        UUID projectId,
        Observation seen,
        Claim<Severity> severity,
        Safety safety,
        Claim<HowSeen> howSeen,
        Claim<Aim> aim,
        FindingState state,
        Optional<Decided> decided,
        String closingNote,
        Origin origin,
        long version) {

    /** @param reason empty where none was asked for */
    public record Decided(Decision decision, String reason) {}

    /**
     * @param behind       the finding that it came to light behind
     * @param duplicateOf  the finding that says the same and stays
     * @param previousWork what becomes of an earlier owner's work
     */
    public record Origin(Optional<UUID> behind, Optional<UUID> duplicateOf, Optional<PreviousWork> previousWork) {
        /** Found by itself, of nobody's earlier work. */
        public static final Origin NONE = new Origin(Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** What a person says of a finding, null where it is left open. @param loweredReason why the class is milder than what is known demands */
    public record Sayings(
            Integer severity, SafetyClass safetyClass, String loweredReason, HowSeen howSeen, Aim aim, UUID by) {}

    public Finding {
        closingNote = Texts.note("closingNote", closingNote);
    }

    /** Whether it has to be dealt with before a restoration has come that far. */
    public boolean isAskedFor(Aim milestone) {
        return !state.isOver()
                && (milestone.needs(aim.value())
                        || milestone.needs(Aim.ROAD_READY) && safetyClass().standsInTheWay());
    }

    /** Id of the zone where it was seen. */
    public String zone() {
        return seen.zone();
    }

    /** The system that it belongs to. */
    public VehicleSystem system() {
        return seen.system();
    }

    /** What is wrong. */
    public FindingKind kind() {
        return seen.kind();
    }

    /** The class that holds now. */
    public SafetyClass safetyClass() {
        return safety.value();
    }

    /** True where that was decided for it; false while nothing is decided. */
    public boolean isDecided(Decision as) {
        return decided.filter(d -> d.decision() == as).isPresent();
    }

    /** A finding just made; what the person left open is as proposed. */
    public static Finding found(UUID id, UUID projectId, Observation seen, Sayings said, Proposal proposal) {
        return new Finding(
                id,
                projectId,
                seen,
                severity(said, proposal),
                safety(Safety.proposed(proposal.safetyClass()), seen, said),
                Claim.of(said.howSeen(), proposal.howSeen()),
                Claim.of(said.aim(), proposal.aim()),
                FindingState.OPEN,
                Optional.empty(),
                "",
                Origin.NONE,
                0);
    }

    /**
     * A person says it anew. What was known of it goes on demanding its class, so that a new zone or kind makes it milder only with a
     * reason; the check and the limit at which it was made stay.
     */
    public Moved<Finding, FindingEvent> restate(Observation anew, Sayings said, Proposal proposal) {
        Observation same = new Observation(
                anew.zone(),
                anew.system(),
                anew.component(),
                anew.kind(),
                anew.covered(),
                anew.note(),
                anew.foundOn(),
                seen.checkId(),
                seen.limitId());
        SafetyClass demanded = proposal.safetyClass().graver(safety.demanded());
        Safety stands = safety(Safety.proposed(demanded), same, said);
        decided.ifPresent(
                d -> DecisionRules.check(d.decision(), stands.value(), same.kind(), same.system(), d.reason()));
        Finding now = new Finding(
                id,
                projectId,
                same,
                severity(said, proposal),
                stands,
                Claim.of(said.howSeen(), proposal.howSeen()),
                Claim.of(said.aim(), proposal.aim()),
                state,
                decided,
                closingNote,
                origin,
                version);
        return changedClass(now);
    }

    /** Whether that may be decided for it, given a reason. */
    public boolean allows(Decision decision) {
        return DecisionRules.refusal(decision, safety.value(), seen.kind(), seen.system())
                .isEmpty();
    }

    /** Whether work was decided on that jobs are made of: not while it is open, and no more once it is over. */
    public boolean asksForWork() {
        return state != FindingState.OPEN
                && !state.isOver()
                && decided.filter(d -> d.decision().leadsToJobs()).isPresent();
    }

    /** @param reason needed where the decision is milder than the class asks for */
    public Moved<Finding, FindingEvent> decide(Decision decision, String reason) {
        DecisionRules.check(decision, safety.value(), seen.kind(), seen.system(), reason);
        FindingState next = state.to(FindingState.DECIDED);
        Finding now = with(next, Optional.of(new Decided(decision, Texts.line("reason", reason))), closingNote);
        if (decision.leadsToJobs() || decision == Decision.DEFER)
            return Moved.to(now, new FindingEvent.Decided(decision));
        return Moved.to(
                now.with(next.to(FindingState.CLOSED), now.decided, closingNote),
                new FindingEvent.Decided(decision),
                new FindingEvent.Closed());
    }

    /** Looked at again after its jobs: good, then it closes; not good, then it is to be decided again. */
    public Moved<Finding, FindingEvent> recheck(boolean good, String note) {
        if (state != FindingState.AWAITING_RECHECK)
            throw Conflict.of(
                    "finding.not-awaiting", "This finding does not await a re-check yet.", "Finish its jobs first.");
        Finding now = with(state.to(good ? FindingState.CLOSED : FindingState.DECIDED), decided, note);
        return good ? Moved.to(now, new FindingEvent.Closed()) : Moved.to(now);
    }

    /**
     * Something more is known that asks for at least this class; nothing that a person said of it is lost. What was closed as less grave
     * than that is open again.
     */
    public Moved<Finding, FindingEvent> raise(SafetyClass atLeast) {
        Finding raised = with(safety.demand(atLeast));
        Moved<Finding, FindingEvent> moved = changedClass(raised);
        boolean closedTooSoon = state == FindingState.CLOSED
                && raised.safety.value() != safety.value()
                && raised.safety.value().standsInTheWay();
        if (!closedTooSoon) return moved;
        return Moved.to(
                raised.reopen().now(),
                new FindingEvent.Raised(safety.value(), raised.safety.value()),
                new FindingEvent.Reopened());
    }

    /** @param duplicateOf the finding that stays */
    public Moved<Finding, FindingEvent> withdraw(String reason, Optional<Finding> duplicateOf) {
        duplicateOf.ifPresent(kept -> {
            if (kept.state.isOver() || !kept.projectId.equals(projectId) || kept.id.equals(id))
                throw Conflict.of(
                        "finding.duplicate",
                        "That finding cannot be the one that stays.",
                        "Choose another one of this vehicle that is still open.");
        });
        Finding now = with(state.to(FindingState.WITHDRAWN), decided, Texts.line("reason", reason))
                .from(new Origin(origin.behind(), duplicateOf.map(Finding::id), origin.previousWork()));
        return Moved.to(now, new FindingEvent.Withdrawn(duplicateOf.map(Finding::id)));
    }

    /** Open again, with nothing decided. */
    public Moved<Finding, FindingEvent> reopen() {
        Finding now = with(state.to(FindingState.OPEN), Optional.empty(), "")
                .from(new Origin(origin.behind(), Optional.empty(), origin.previousWork()));
        return Moved.to(now, new FindingEvent.Reopened());
    }

    /** How its jobs go; no step where it stands there already. */
    public Finding moveTo(FindingState wanted) {
        return state == wanted ? this : with(state.to(wanted), decided, closingNote);
    }

    /** The same with another origin. */
    public Finding from(Origin anew) {
        return new Finding(
                id, projectId, seen, severity, safety, howSeen, aim, state, decided, closingNote, anew, version);
    }

    private Finding with(FindingState next, Optional<Decided> then, String note) {
        return new Finding(id, projectId, seen, severity, safety, howSeen, aim, next, then, note, origin, version);
    }

    private Finding with(Safety anew) {
        return new Finding(
                id, projectId, seen, severity, anew, howSeen, aim, state, decided, closingNote, origin, version);
    }

    private Moved<Finding, FindingEvent> changedClass(Finding now) {
        SafetyClass before = safety.value();
        SafetyClass after = now.safety.value();
        if (before == after) return Moved.to(now);
        return before.graver(after) == before
                ? Moved.to(now, new FindingEvent.Lowered(before, after))
                : Moved.to(now, new FindingEvent.Raised(before, after));
    }

    private static Claim<Severity> severity(Sayings said, Proposal proposal) {
        return Claim.of(said.severity() == null ? null : new Severity(said.severity()), proposal.severity());
    }

    private static Safety safety(Safety known, Observation seen, Sayings said) {
        return said.safetyClass() == null
                ? known
                : known.say(
                        said.safetyClass(),
                        SafetyRules.floor(seen.kind(), seen.system()),
                        said.loweredReason(),
                        said.by());
    }
}
