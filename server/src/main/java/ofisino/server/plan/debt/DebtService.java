package ofisino.server.plan.debt;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.debt.Debt;
import ofisino.core.plan.debt.Debt.Kind;
import ofisino.core.plan.debt.Debt.When;
import ofisino.core.plan.job.JobState;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.Zone;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.ClosedForNow;
import ofisino.server.plan.Debts;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.LeaveAsked;
import ofisino.server.plan.debt.DebtMapper.DebtRow;
import ofisino.server.vehicle.BodyChange;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** What is owed to the car: it works for now, and is to be done rightly later. */
@Service
class DebtService implements Debts {
    private final DebtMapper mapper;
    private final Projects projects;
    private final Jobs jobs;
    private final Garages garages;
    private final Clock clock;

    DebtService(DebtMapper mapper, Projects projects, Jobs jobs, Garages garages, Clock clock) {
        this.mapper = mapper;
        this.projects = projects;
        this.jobs = jobs;
        this.garages = garages;
        this.clock = clock;
    }

    /** @param due its time has come */
    record Owed(DebtRow row, boolean due) {}

    List<Owed> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        LocalDate today = today(caller);
        return mapper.of(caller.garageId(), projectId).stream()
                .map(d -> new Owed(
                        d, d.settledOn() == null && toCore(caller, d, false).isDue(today, d.happened())))
                .toList();
    }

    private Debt toCore(Caller caller, DebtRow d, boolean gas) {
        return new Debt(
                d.kind(),
                d.what(),
                d.later(),
                system(caller, d),
                gas,
                new Debt.Trigger(d.when(), d.event(), Optional.ofNullable(d.dueOn())));
    }

    private Optional<VehicleSystem> system(Caller caller, DebtRow d) {
        Body body = projects.bodyOf(projects.require(caller, d.projectId()));
        return Optional.ofNullable(d.zone()).map(body::require).map(Zone::system);
    }

    @EventListener
    void placesStay(BodyChange change) {
        for (DebtRow d : mapper.of(change.caller().garageId(), change.projectId()))
            if (d.zone() != null) change.keep(d.what(), d.zone());
    }

    /** @param gas it keeps exhaust gas out of the cabin */
    void owe(Caller caller, DebtRow row, boolean gas) {
        projects.requireOpen(caller, row.projectId());
        Debt debt = toCore(caller, row, gas);
        if (row.jobId() != null) jobs.require(caller, row.jobId());
        mapper.insert(
                caller.garageId(),
                new DebtRow(
                        row.id(),
                        row.projectId(),
                        row.zone(),
                        row.kind(),
                        debt.what(),
                        debt.later(),
                        row.when(),
                        debt.trigger().event(),
                        row.dueOn(),
                        row.needId(),
                        row.jobId(),
                        false,
                        null,
                        null,
                        0));
    }

    /** A circuit that was closed with its old filling is opened again, and filled with new, when the job that is left is done. */
    @EventListener
    void closedForNow(ClosedForNow closed) {
        owe(
                closed.caller(),
                new DebtRow(
                        closed.again(),
                        closed.projectId(),
                        null,
                        Kind.FOR_NOW,
                        "Closed with the old filling",
                        "Let it out again, finish the job, fill it with new",
                        When.EVENT,
                        "what “%s” waits for is here".formatted(closed.wayIn()),
                        null,
                        null,
                        closed.jobId(),
                        false,
                        null,
                        null,
                        0),
                false);
    }

    /** The event has happened: all that waits for it by the same words is due. */
    void happened(Caller caller, UUID id, long version) {
        DebtRow debt = open(caller, id);
        save(caller, debt.now(true, null, version));
        for (DebtRow other : mapper.of(caller.garageId(), debt.projectId()))
            if (!other.id().equals(id)
                    && other.when() == debt.when()
                    && other.event().equalsIgnoreCase(debt.event())
                    && other.settledOn() == null
                    && !other.happened()) save(caller, other.now(true, null, other.version()));
    }

    void settle(Caller caller, UUID id, long version) {
        DebtRow debt = open(caller, id);
        if (debt.jobId() != null && jobs.require(caller, debt.jobId()).state() != JobState.VERIFIED)
            throw new Conflict(
                    "debt.job-open",
                    "“%s” is not verified yet. It stays owed until the permanent job is."
                            .formatted(jobs.require(caller, debt.jobId()).title()));
        save(caller, debt.now(debt.happened(), today(caller), version));
    }

    private DebtRow open(Caller caller, UUID id) {
        DebtRow debt = find(caller, id);
        projects.requireOpen(caller, debt.projectId());
        return debt;
    }

    private DebtRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "debt", id);
    }

    private void save(Caller caller, DebtRow changed) {
        Stored.notStale(mapper.update(caller.garageId(), changed), "debt", () -> find(caller, changed.id()));
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }

    /** A job that settles a debt does not begin before what the debt waits for. */
    @EventListener
    void leaveAsked(LeaveAsked asked) {
        waiting(asked.caller(), asked.job().projectId())
                .filter(d -> asked.job().id().equals(d.jobId()))
                .forEach(d -> asked.facts()
                        .spared(d.later(), d.when() == When.EVENT ? d.event() : "on or after " + d.dueOn()));
    }

    private Stream<DebtRow> waiting(Caller caller, UUID projectId) {
        LocalDate today = today(caller);
        return mapper.of(caller.garageId(), projectId).stream()
                .filter(d -> d.settledOn() == null && d.jobId() != null)
                .filter(d -> toCore(caller, d, false).holdsBack(today, d.happened()));
    }

    @Override
    public Map<UUID, LocalDate> notBefore(Caller caller, UUID projectId) {
        return waiting(caller, projectId)
                .filter(d -> d.dueOn() != null)
                .collect(Collectors.toMap(DebtRow::jobId, DebtRow::dueOn, (a, b) -> a.isAfter(b) ? a : b));
    }

    @Override
    public long due(Caller caller, UUID projectId) {
        return unsettled(caller, projectId).stream()
                .filter(o -> o.kind() == Kind.FOR_NOW && o.due())
                .count();
    }

    @Override
    public List<Unsettled> unsettled(Caller caller, UUID projectId) {
        return of(caller, projectId).stream()
                .filter(o -> o.row().settledOn() == null)
                .map(o -> new Unsettled(o.row().id(), o.row().kind(), o.row().what(), system(caller, o.row()), o.due()))
                .toList();
    }
}
