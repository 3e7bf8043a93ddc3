package ofisino.server.vehicle.finding;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.DecisionProposal;
import ofisino.core.vehicle.finding.Finding;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.core.vehicle.finding.FoundBehind;
import ofisino.core.vehicle.finding.Observation;
import ofisino.core.vehicle.finding.PreviousWork;
import ofisino.core.vehicle.finding.Proposal;
import ofisino.core.vehicle.finding.ProposalRules;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.finding.SafetyRules;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.Anatomies;
import ofisino.server.vehicle.BodyChange;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.FoundByReading;
import ofisino.server.vehicle.Measurands;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.VehicleChecks;
import ofisino.server.vehicle.VehicleEvent;
import ofisino.server.vehicle.finding.FindingController.FindingFields;
import ofisino.server.vehicle.finding.FindingMapper.FindingRow;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Findings from the walk round the car until they are closed. */
@Service
record FindingService(
        FindingMapper mapper,
        Projects projects,
        VehicleChecks checks,
        Measurands measurands,
        Anatomies anatomies,
        Equipments equipments,
        ApplicationEventPublisher events)
        implements Findings {
    List<FindingRow> list(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    FindingRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "finding", id);
    }

    Proposal propose(Caller caller, UUID projectId, FindingFields fields) {
        Place place = place(caller, projects.require(caller, projectId), fields, Optional.empty());
        return proposal(caller, projectId, fields.kind(), place);
    }

    /** Records a finding; what the person left open is as proposed. */
    FindingRow record(Caller caller, UUID projectId, UUID id, FindingFields fields) {
        Projects.Project project = projects.requireOpen(caller, projectId);
        Place place = place(caller, project, fields, Optional.empty());
        mapper.insert(
                caller.garageId(),
                FindingRow.of(Finding.found(
                        id,
                        projectId,
                        observed(fields, place),
                        said(caller, fields),
                        proposal(caller, projectId, fields.kind(), place))));
        if (fields.limitId() != null) events.publishEvent(new FoundByReading(caller, projectId));
        return find(caller, id);
    }

    FindingRow change(Caller caller, UUID id, FindingFields fields, long version) {
        FindingRow stored = openFinding(caller, id);
        FindingFields same = fields.at(stored.checkId(), stored.limitId());
        Optional<String> stood = Optional.ofNullable(stored.component())
                .filter(c -> stored.zone().equals(same.zone()));
        Place place = place(caller, projects.require(caller, stored.projectId()), same, stood);
        return save(
                caller,
                stored.toCore()
                        .restate(
                                observed(same, place),
                                said(caller, same),
                                proposal(caller, stored.projectId(), same.kind(), place))
                        .now(),
                version);
    }

    /**
     * @param thing   what it is about, where somebody named it
     * @param demands what is known of it beyond kind and zone
     */
    private record Place(Zone zone, Optional<Component> thing, Map<Proposal.Reason, SafetyClass> demands) {
        VehicleSystem system(FindingKind kind) {
            return thing.map(c -> c.systemAt(zone.system())).orElseGet(() -> kind.systemAt(zone.system()));
        }
    }

    /** @param stood what the finding is about already, at the same place: it stays though somebody has seen since that the vehicle has none */
    private Place place(Caller caller, Projects.Project project, FindingFields f, Optional<String> stood) {
        Body body = projects.bodyOf(project);
        Map<Proposal.Reason, SafetyClass> demands = new EnumMap<>(Proposal.Reason.class);
        Optional<PlacedCheck> check =
                f.checkId() == null ? Optional.empty() : checks.behind(caller, project, f.checkId(), f.zone());
        check.ifPresent(c -> demands.put(Proposal.Reason.CHECK_FAILED, c.check().ifBad()));
        check.flatMap(PlacedCheck::suspicion).ifPresent(s -> demands.put(Proposal.Reason.WHAT_HAPPENED, s));
        if (f.limitId() != null)
            demands.put(
                    Proposal.Reason.READING_OUTSIDE,
                    measurands.limit(caller, project.id(), f.limitId()).ifOutside());
        Anatomy anatomy = anatomies.of(caller, project.id());
        Optional<Component> named = Optional.ofNullable(f.component()).map(anatomy::require);
        Optional<VehicleSystem> known = f.limitId() == null
                ? named.map(Component::system)
                : Optional.of(
                        measurands.limit(caller, project.id(), f.limitId()).system());
        Zone zone = check.map(PlacedCheck::foundIn)
                .orElseGet(() ->
                        known.map(system -> body.placeOf(f.zone(), system)).orElseGet(() -> body.require(f.zone())));
        Equipment vehicle = equipments.of(caller, project);
        named.filter(c -> !stood.equals(Optional.of(c.id()))).ifPresent(c -> c.mustBeAt(zone, vehicle));
        named.ifPresent(c -> c.mustBeAbleToHave(f.kind()));
        Optional<Component> thing =
                named.or(() -> check.flatMap(c -> anatomy.firstOf(c.check().of(), zone, f.kind(), vehicle)));
        if (f.kind() == FindingKind.SYMPTOM && thing.isEmpty())
            throw InvalidValue.at(
                    "component", "finding.symptom", "What does it do?", "Choose it from the list of what it does.");
        thing.filter(c -> check.isEmpty()) // a check says for itself how grave its failure is
                .ifPresent(c ->
                        demands.put(Proposal.Reason.WHAT_IT_IS, SafetyRules.classOf(zone.about(c.system()), f.kind())));
        return new Place(zone, thing, demands);
    }

    private Proposal proposal(Caller caller, UUID projectId, FindingKind kind, Place place) {
        return ProposalRules.propose(
                place.zone(),
                kind,
                place.demands(),
                mapper.lastSeen(caller.garageId(), projectId, place.zone().id()));
    }

    private static Observation observed(FindingFields f, Place place) {
        return new Observation(
                place.zone().id(),
                place.system(f.kind()),
                place.thing().map(Component::id),
                f.kind(),
                f.covered(),
                f.note(),
                f.foundOn(),
                Optional.ofNullable(f.checkId()),
                Optional.ofNullable(f.limitId()));
    }

    private static Finding.Sayings said(Caller caller, FindingFields f) {
        return new Finding.Sayings(
                f.severity(), f.safetyClass(), f.loweredReason(), f.howSeen(), f.aim(), caller.accountId());
    }

    FindingRow decide(Caller caller, UUID id, Decision decision, String reason, long version) {
        return save(
                caller,
                openFinding(caller, id).toCore().decide(decision, reason).now(),
                version);
    }

    @Override
    public void recheck(Caller caller, UUID id, boolean good, String note, long version) {
        save(caller, openFinding(caller, id).toCore().recheck(good, note).now(), version);
    }

    /** @param duplicateOf the finding that stays; it takes over the graver class of the two */
    FindingRow withdraw(Caller caller, UUID id, String reason, @Nullable UUID duplicateOf, long version) {
        Finding stored = openFinding(caller, id).toCore();
        Optional<Finding> kept = Optional.ofNullable(duplicateOf)
                .map(other -> openFinding(caller, other).toCore());
        FindingRow withdrawn = save(caller, stored.withdraw(reason, kept).now(), version);
        kept.ifPresent(k -> raise(caller, k.id(), stored.safety().value()));
        return withdrawn;
    }

    FindingRow reopen(Caller caller, UUID id, long version) {
        return save(caller, openFinding(caller, id).toCore().reopen().now(), version);
    }

    /** Where a finding comes from: what it was found behind, and what becomes of an earlier owner's work. */
    FindingRow origin(
            Caller caller, UUID id, @Nullable UUID behindId, @Nullable PreviousWork previousWork, long version) {
        Finding stored = openFinding(caller, id).toCore();
        if (behindId != null) {
            Map<UUID, UUID> behind = new HashMap<>();
            for (FindingRow f : list(caller, stored.projectId())) behind.put(f.id(), f.behindId());
            if (!behind.containsKey(behindId)) throw new NotFound("finding", behindId);
            FoundBehind.check(id, behindId, behind);
        }
        return save(
                caller,
                stored.from(new Finding.Origin(
                        Optional.ofNullable(behindId),
                        stored.origin().duplicateOf(),
                        Optional.ofNullable(previousWork))),
                version);
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

    /** @param version that the person saw */
    private FindingRow save(Caller caller, Finding changed, long version) {
        Stored.notStale(
                changed.version() == version ? mapper.update(caller.garageId(), FindingRow.of(changed)) : 0,
                "finding",
                () -> find(caller, changed.id()));
        return find(caller, changed.id());
    }

    @Override
    public List<Finding> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.withoutPhotos(caller.garageId(), projectId).stream()
                .map(FindingRow::toCore)
                .toList();
    }

    @Override
    public Finding require(Caller caller, UUID findingId) {
        return find(caller, findingId).toCore();
    }

    @Override
    public void moveTo(Caller caller, UUID findingId, FindingState state) {
        Finding stored = find(caller, findingId).toCore();
        if (stored.state() != state) save(caller, stored.moveTo(state), stored.version());
    }

    @Override
    public void recordDoubt(Caller caller, UUID projectId, UUID id, String zone, String note, LocalDate foundOn) {
        record(caller, projectId, id, FindingFields.bare(zone, null, FindingKind.DOUBT, note, foundOn));
    }

    @Override
    public List<Standing> recordFailed(Caller caller, UUID projectId, List<Failed> failed) {
        if (failed.isEmpty()) return List.of();
        record At(String checkId, String zone) {}
        Map<At, UUID> known = list(caller, projectId).stream()
                .filter(f -> f.checkId() != null && !f.state().isOver())
                .collect(Collectors.toMap(f -> new At(f.checkId(), f.zone()), FindingRow::id, (a, b) -> a));
        List<Standing> standing = new ArrayList<>();
        for (Failed f : failed) {
            At at = new At(f.check().check().id(), f.check().foundIn().id());
            UUID open = known.get(at);
            if (open != null) raise(caller, open, f.check().classOf(f.kind()));
            else record(caller, projectId, f.id(), FindingFields.ofCheck(f));
            standing.add(new Standing(open != null ? open : f.id(), at.checkId(), at.zone(), open != null));
        }
        return standing;
    }

    @Override
    public void raise(Caller caller, UUID findingId, SafetyClass atLeast) {
        Finding stored = find(caller, findingId).toCore();
        Finding raised = stored.raise(atLeast).now();
        if (!raised.equals(stored)) save(caller, raised, stored.version());
    }

    /** What failed before anybody knew is as grave as if it failed now. */
    @EventListener
    void happened(VehicleEvent event) {
        Projects.Project project = projects.require(event.caller(), event.projectId());
        for (FindingRow f : list(event.caller(), event.projectId()))
            if (f.checkId() != null && !f.state().isOver())
                checks.behind(event.caller(), project, f.checkId(), f.zone())
                        .flatMap(PlacedCheck::suspicion)
                        .ifPresent(atLeast -> raise(event.caller(), f.id(), atLeast));
    }

    @EventListener
    void placesStay(BodyChange change) {
        for (FindingRow f : list(change.caller(), change.projectId()))
            change.keep("the finding of " + f.foundOn(), f.zone());
    }
}
