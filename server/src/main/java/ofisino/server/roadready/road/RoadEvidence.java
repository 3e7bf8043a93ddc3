package ofisino.server.roadready.road;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.permit.Move;
import ofisino.core.roadready.gate.Blocker;
import ofisino.core.roadready.gate.Evidence;
import ofisino.core.roadready.gate.Gate;
import ofisino.core.roadready.gate.Gates;
import ofisino.core.roadready.gate.Proofs;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.check.Catalogue;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.db.PerSnapshot;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.CarAccess;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.LeaveAsked;
import ofisino.server.plan.OutstandingItems;
import ofisino.server.plan.ToHands;
import ofisino.server.roadready.FaultCodes;
import ofisino.server.roadready.RoadGates;
import ofisino.server.roadready.road.RoadMapper.FastenerRow;
import ofisino.server.roadready.road.RoadMapper.ProofRow;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Findings;
import ofisino.server.vehicle.Inspection;
import ofisino.server.vehicle.Inventory;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.Readings;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Gathers what is recorded of a vehicle for the rules before the road. */
@Service
record RoadEvidence(
        RoadMapper mapper,
        Projects projects,
        Equipments equipments,
        Findings findings,
        Inspection inspection,
        Readings readings,
        Inventory inventory,
        Jobs jobs,
        ToHands toHands,
        CarAccess carAccess,
        OutstandingItems outstandingItems,
        FaultCodes faults,
        Proofs proofs,
        Garages garages,
        Clock clock)
        implements RoadGates {
    /** A job that starts, moves or drives the vehicle begins only when its gate is open; what it fastened is recorded before it counts. */
    @EventListener
    void leaveAsked(LeaveAsked asked) {
        UUID job = asked.job().id();
        Gates gates = gates(asked.caller(), asked.job().projectId());
        Gate.askedBy(asked.job().operation(), asked.job().details()).ifPresent(gate -> {
            List<Blocker> shut = gates.before(gate).stream()
                    .filter(b -> !b.remedy().id().equals(job.toString()))
                    .toList();
            if (!shut.isEmpty())
                asked.facts()
                        .gateShut(
                                gate.name(),
                                shut.size() == 1
                                        ? "One thing stands in the way of it: see Before the road."
                                        : "%d things stand in the way of it: see Before the road."
                                                .formatted(shut.size()));
        });
        if (asked.move() == Move.VERIFY && gates.wantsTorque(job)) asked.facts().torqueIsMissing();
    }

    @Override
    public Gates gates(Caller caller, UUID projectId) {
        return PerSnapshot.once(new Asked(caller, projectId), () -> Gates.of(of(caller, projectId)));
    }

    private record Asked(Caller caller, UUID projectId) {}

    Evidence of(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        Body body = projects.bodyOf(project);
        List<FastenerRow> fasteners = mapper.fasteners(caller.garageId(), projectId);
        return new Evidence(
                LocalDate.now(clock.withZone(garages.zone(caller))),
                findings.of(caller, projectId).stream().map(f -> found(f, body)).toList(),
                work(caller, projectId, fasteners),
                inspection.unanswered(caller, projectId).stream()
                        .map(c -> new Evidence.Unanswered(
                                c.system(), c.ifBad(), c.place().equals(Catalogue.ROAD)))
                        .toList(),
                readings.of(caller, projectId),
                faults.lastRead(caller, projectId),
                opened(caller, projectId),
                fasteners.stream()
                        .map(f -> new Evidence.Fastener(
                                f.id(),
                                f.said().title(),
                                f.said().system(),
                                f.said().tightness().isProved()))
                        .toList(),
                inventory.lacking(caller, projectId).stream()
                        .map(l -> new Evidence.Short(l.id(), l.name(), l.system()))
                        .toList(),
                proofs.of(equipments.of(caller, project)),
                proved(caller, projectId),
                outstandingItems.unsettled(caller, projectId).stream()
                        .map(d -> new Evidence.Outstanding(d.id(), d.kind(), d.what(), d.system(), d.due()))
                        .toList());
    }

    private static Evidence.Found found(Finding f, Body body) {
        return new Evidence.Found(
                f.id(),
                body.placeOf(f.zone(), f.system()).name(),
                f.safetyClass(),
                f.system(),
                f.state(),
                f.isDecided(Decision.TEMPORARY),
                f.isDecided(Decision.DEFER));
    }

    private List<Evidence.Work> work(Caller caller, UUID projectId, List<FastenerRow> fasteners) {
        Map<UUID, List<FastenerRow>> byJob = fasteners.stream()
                .filter(f -> f.said().jobId() != null)
                .collect(Collectors.groupingBy(f -> f.said().jobId()));
        Map<UUID, List<String>> named = toHands.byJob(caller, projectId).entrySet().stream()
                .filter(e -> !e.getValue().fasteners().isEmpty())
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().fasteners()));
        return jobs.of(caller, projectId).stream()
                .map(j -> new Evidence.Work(
                        j.id(),
                        j.title(),
                        j.aim(),
                        j.state(),
                        Optional.ofNullable(j.system()),
                        j.operation(),
                        named.containsKey(j.id()),
                        isTightened(byJob.getOrDefault(j.id(), List.of()), named.getOrDefault(j.id(), List.of()))))
                .toList();
    }

    /** All that is recorded of a job is proved, and all that its recipe names is recorded; nothing recorded proves nothing. */
    private static boolean isTightened(List<FastenerRow> recorded, List<String> named) {
        Set<String> titles = recorded.stream()
                .map(f -> f.said().title().toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet());
        return !recorded.isEmpty()
                && recorded.stream().allMatch(f -> f.said().tightness().isProved())
                && named.stream().map(n -> n.toLowerCase(Locale.ROOT)).allMatch(titles::contains);
    }

    private List<Evidence.Opened> opened(Caller caller, UUID projectId) {
        return carAccess.opened(caller, projectId).stream()
                .map(o -> new Evidence.Opened(o.id(), o.name(), o.excludes(), o.forNow()))
                .toList();
    }

    /** Of several of one kind the last that stands counts. */
    private Map<String, Evidence.Proved> proved(Caller caller, UUID projectId) {
        Map<String, Evidence.Proved> proved = new HashMap<>();
        for (ProofRow p : mapper.proofs(caller.garageId(), projectId))
            if (p.voidedBy() == null)
                proved.put(
                        p.said().proof(),
                        new Evidence.Proved(
                                p.said().doneOn(), Optional.ofNullable(p.said().validUntil())));
        return proved;
    }
}
