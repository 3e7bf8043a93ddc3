package ofisino.server.plan.outstanding;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.outstanding.OutstandingItem;
import ofisino.core.plan.outstanding.OutstandingItem.OutstandingKind;
import ofisino.core.plan.outstanding.OutstandingItem.When;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.ClosedForNow;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.LeaveAsked;
import ofisino.server.plan.OutstandingItems;
import ofisino.server.plan.outstanding.OutstandingMapper.OutstandingFields;
import ofisino.server.plan.outstanding.OutstandingMapper.OutstandingRow;
import ofisino.server.vehicle.BodyChange;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.Projects.Project;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** What is owed to the car: it works for now, and is to be done rightly later. */
@Service
record OutstandingService(OutstandingMapper mapper, Projects projects, Jobs jobs, Garages garages, Clock clock)
        implements OutstandingItems {
    /** @param due its time has come */
    record Outstanding(OutstandingRow row, boolean due) {}

    List<Outstanding> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        LocalDate today = today(caller);
        return mapper.of(caller.garageId(), projectId).stream()
                .map(d -> new Outstanding(
                        d, d.settledOn() == null && toCore(caller, d).isDue(today, d.happened())))
                .toList();
    }

    private OutstandingItem toCore(Caller caller, OutstandingRow d) {
        return toCore(caller, d.projectId(), d.said(), false);
    }

    private OutstandingItem toCore(Caller caller, UUID projectId, OutstandingFields d, boolean gas) {
        return new OutstandingItem(
                d.kind(),
                d.what(),
                d.later(),
                system(caller, projectId, d.zone()),
                gas,
                new OutstandingItem.Trigger(d.when(), d.event(), Optional.ofNullable(d.dueOn())));
    }

    private Optional<VehicleSystem> system(Caller caller, UUID projectId, @Nullable String zone) {
        Body body = projects.bodyOf(projects.require(caller, projectId));
        return Optional.ofNullable(zone).map(body::require).map(Zone::system);
    }

    @EventListener
    void placesStay(BodyChange change) {
        for (OutstandingRow d : mapper.of(change.caller().garageId(), change.projectId()))
            if (d.said().zone() != null) change.keep(d.said().what(), d.said().zone());
    }

    /** @param gas it keeps exhaust gas out of the cabin */
    void owe(Caller caller, UUID projectId, UUID id, OutstandingFields said, boolean gas) {
        projects.requireOpen(caller, projectId);
        mustBeALoan(projectId, said);
        OutstandingItem item = toCore(caller, projectId, said, gas);
        if (said.jobId() != null) jobs.require(caller, said.jobId());
        var checked = new OutstandingFields(
                said.zone(),
                said.kind(),
                item.what(),
                item.later(),
                said.when(),
                item.trigger().event(),
                said.dueOn(),
                said.needId(),
                said.jobId(),
                said.lenderId());
        mapper.insert(caller.garageId(), new OutstandingRow(id, projectId, false, null, null, null, 0, checked));
        if (said.lenderId() != null) oweThere(caller, projectId, id, checked);
    }

    private static void mustBeALoan(UUID borrowerId, OutstandingFields said) {
        if (said.kind() == OutstandingKind.LENT)
            throw InvalidValue.at(
                    "kind",
                    "outstanding.lent",
                    "What is lent is entered where it is now.",
                    "Enter the loan at the vehicle that has it, and say there where it comes from.");
        if (said.lenderId() != null
                && (said.kind() != OutstandingKind.LOAN || said.lenderId().equals(borrowerId)))
            throw InvalidValue.at(
                    "lenderId",
                    "outstanding.lender",
                    "Only a loan comes from another vehicle.",
                    "Choose another vehicle, or none.");
    }

    /** Whatever is borrowed from another vehicle is owed there, until it is back. */
    private void oweThere(Caller caller, UUID borrowerId, UUID loanId, OutstandingFields loan) {
        UUID lenderId = loan.lenderId();
        Project lender = projects.requireOpen(caller, lenderId);
        boolean isThereToo =
                loan.zone() != null && projects.bodyOf(lender).zone(loan.zone()).isPresent();
        var owed = new OutstandingFields(
                isThereToo ? loan.zone() : null,
                OutstandingKind.LENT,
                loan.what(),
                "Back from %s".formatted(projects.require(caller, borrowerId).vehicleName()),
                loan.when(),
                loan.event(),
                loan.dueOn(),
                null,
                null,
                null);
        mapper.insert(
                caller.garageId(), new OutstandingRow(UUID.randomUUID(), lenderId, false, null, null, loanId, 0, owed));
    }

    /** A circuit that was closed with its old filling is opened again, and filled with new, when the job that is left is done. */
    @EventListener
    void closedForNow(ClosedForNow closed) {
        var said = new OutstandingFields(
                null,
                OutstandingKind.FOR_NOW,
                "Closed with the old filling",
                "Let it out again, finish the job, fill it with new",
                When.EVENT,
                "what “%s” waits for is here".formatted(closed.access()),
                null,
                null,
                closed.jobId(),
                null);
        owe(closed.caller(), closed.projectId(), closed.again(), said, false);
    }

    /** The event has happened: all that waits for it by the same words is due. */
    void happened(Caller caller, UUID id, long version) {
        OutstandingRow outstanding = open(caller, id);
        save(caller, outstanding.now(true, null, version));
        for (OutstandingRow other : mapper.of(caller.garageId(), outstanding.projectId()))
            if (!other.id().equals(id)
                    && other.said().when() == outstanding.said().when()
                    && other.said().event().equalsIgnoreCase(outstanding.said().event())
                    && other.settledOn() == null
                    && !other.happened()) save(caller, other.now(true, null, other.version()));
    }

    void settle(Caller caller, UUID id, long version) {
        OutstandingRow outstanding = open(caller, id);
        if (outstanding.said().jobId() != null
                && jobs.require(caller, outstanding.said().jobId()).state() != JobState.VERIFIED)
            throw Conflict.of(
                    "outstanding.job-open",
                    "“%s” is not verified yet.",
                    "It stays outstanding until the permanent job is.",
                    jobs.require(caller, outstanding.said().jobId()).title());
        save(caller, outstanding.now(outstanding.happened(), today(caller), version));
        mapper.twin(caller.garageId(), id)
                .filter(other -> other.settledOn() == null)
                .ifPresent(other -> save(caller, other.now(other.happened(), today(caller), other.version())));
    }

    private OutstandingRow open(Caller caller, UUID id) {
        OutstandingRow outstanding = find(caller, id);
        projects.requireOpen(caller, outstanding.projectId());
        return outstanding;
    }

    private OutstandingRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "outstanding item", id);
    }

    private void save(Caller caller, OutstandingRow changed) {
        Stored.notStale(
                mapper.update(caller.garageId(), changed), "outstanding item", () -> find(caller, changed.id()));
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }

    /** A job that settles a debt does not begin before what the debt waits for. */
    @EventListener
    void leaveAsked(LeaveAsked asked) {
        waiting(asked.caller(), asked.job().projectId())
                .filter(d -> asked.job().id().equals(d.said().jobId()))
                .forEach(d -> asked.facts()
                        .spared(
                                d.said().later(),
                                d.said().when() == When.EVENT
                                        ? d.said().event()
                                        : "on or after " + d.said().dueOn()));
    }

    private Stream<OutstandingRow> waiting(Caller caller, UUID projectId) {
        LocalDate today = today(caller);
        return mapper.of(caller.garageId(), projectId).stream()
                .filter(d -> d.settledOn() == null && d.said().jobId() != null)
                .filter(d -> toCore(caller, d).holdsBack(today, d.happened()));
    }

    @Override
    public Map<UUID, LocalDate> notBefore(Caller caller, UUID projectId) {
        return waiting(caller, projectId)
                .map(OutstandingRow::said)
                .filter(d -> d.dueOn() != null)
                .collect(Collectors.toMap(
                        OutstandingFields::jobId, OutstandingFields::dueOn, (a, b) -> a.isAfter(b) ? a : b));
    }

    @Override
    public long due(Caller caller, UUID projectId) {
        return unsettled(caller, projectId).stream()
                .filter(o -> o.kind() == OutstandingKind.FOR_NOW && o.due())
                .count();
    }

    @Override
    public List<Unsettled> unsettled(Caller caller, UUID projectId) {
        return of(caller, projectId).stream()
                .filter(o -> o.row().settledOn() == null)
                .map(o -> new Unsettled(
                        o.row().id(),
                        o.row().said().kind(),
                        o.row().said().what(),
                        system(caller, o.row().projectId(), o.row().said().zone()),
                        o.due()))
                .toList();
    }
}
