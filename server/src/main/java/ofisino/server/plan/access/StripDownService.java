package ofisino.server.plan.access;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.access.Access;
import ofisino.core.plan.access.FluidChoice;
import ofisino.core.plan.access.Raising;
import ofisino.core.plan.access.StripDowns.StripDown;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.CarAccess;
import ofisino.server.plan.ClosedForNow;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.WorkTouched;
import ofisino.server.plan.access.AccessMapper.StripDownRow;
import ofisino.server.vehicle.Projects;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Accesses that are opened and closed. */
@Service
record StripDownService(
        AccessMapper mapper,
        AccessService access,
        VehicleAccess vehicleAccess,
        Projects projects,
        BeforeStripDown before,
        Garages garages,
        Clock clock,
        ApplicationEventPublisher events)
        implements CarAccess {
    /** Somebody opened it: with it all that it needs. */
    void open(Caller caller, UUID projectId, UUID id, BeforeStripDown.MadeSure made) {
        projects.requireOpen(caller, projectId);
        Standing s = access.standing(caller, projectId);
        StripDown<UUID> stripDown = s.require(id);
        s.mustNotBeClosed(stripDown.id());
        s.stripDowns().around(stripDown).forEach(o -> s.mustNotBeClosed(o.id()));
        before.check(caller, projectId, s, stripDown, made);
        before.stillClosed(s, stripDown).forEach(o -> openOne(caller, projectId, s, o, made));
    }

    private void openOne(Caller caller, UUID projectId, Standing s, StripDown<UUID> o, BeforeStripDown.MadeSure made) {
        UUID stripDown = UUID.fromString(o.id());
        mapper.insertStripDown(
                caller.garageId(),
                projectId,
                new StripDownRow(
                        stripDown,
                        o.access().id(),
                        today(caller),
                        clock.instant(),
                        null,
                        false,
                        BeforeStripDown.isRaising(s, o) ? made.supportPoints().strip() : "",
                        made.confirmed().stream().map(Enum::name).sorted().toList(),
                        0));
        if (!o.access().touches().isEmpty())
            events.publishEvent(new WorkTouched(
                    caller, projectId, o.access().touches(), o.access().name()));
    }

    @Override
    public List<String> unsupported(Caller caller, UUID projectId) {
        Standing s = access.standing(caller, projectId);
        boolean standsOnNamedPoints = s.stripDowns().all().stream()
                .filter(o -> s.isOpen(o.id()))
                .anyMatch(o ->
                        Raising.areNamed(s.opened().get(UUID.fromString(o.id())).supportPoints()));
        return standsOnNamedPoints ? List.of() : before.weak(caller, projectId);
    }

    @Override
    public Optional<Instant> weightMovedAt(Caller caller, UUID projectId) {
        Standing s = access.standing(caller, projectId);
        return s.opened().values().stream()
                .filter(o -> o.openedAt() != null
                        && s.accesses().has(o.access())
                        && s.accesses().require(o.access()).cautions().contains(Caution.HOIST))
                .map(StripDownRow::openedAt)
                .max(Comparator.naturalOrder());
    }

    /** Closes it for good: what lies inside it is closed, and its jobs are over. @param again what is not begun opens it once more later */
    void close(Caller caller, UUID projectId, UUID id, long version, boolean again) {
        projects.requireOpen(caller, projectId);
        Standing s = access.standing(caller, projectId);
        StripDown<UUID> stripDown = s.require(id);
        for (UUID job : stripDown.jobs()) mayBeClosedFor(s.jobs().get(job), again);
        store(caller, s, stripDown, false, version);
    }

    private static void mayBeClosedFor(Jobs.Job job, boolean again) {
        if (job.state().isInHand())
            throw Conflict.of(
                    "strip-down.job-begun", "“%s” is begun and needs it open.", "Finish the job first.", job.title());
        if (!job.state().isOver() && !again)
            throw Conflict.of(
                    "strip-down.job-open",
                    "“%s” still needs it open.",
                    "Finish the job, or put it back all the same: it is stripped down again for that job.",
                    job.title());
    }

    /** Closes it with the old filling. What is left to do gets a strip-down of its own, and that is owed to the car. */
    void closeForNow(Caller caller, UUID projectId, UUID id, long version) {
        projects.requireOpen(caller, projectId);
        Standing s = access.standing(caller, projectId);
        StripDown<UUID> stripDown = s.require(id);
        if (stripDown
                .access()
                .drained()
                .filter(d -> !d.circuit().neverTemporary())
                .isEmpty())
            throw Conflict.of(
                    "strip-down.never-temporary",
                    "“%s” is never closed for the time being.",
                    "Finish its jobs, and fill it with new fluid where one is let out.",
                    stripDown.access().name());
        store(caller, s, stripDown, true, version);
        Set<UUID> left = stripDown.jobs().stream()
                .filter(j -> !s.jobs().get(j).state().isOver())
                .collect(Collectors.toCollection(LinkedHashSet::new));
        if (left.isEmpty()) return;
        UUID again = UUID.nameUUIDFromBytes((id + "again").getBytes(StandardCharsets.UTF_8));
        access.move(
                caller, s.stripDowns(), s.stripDowns().left(stripDown.access().id(), left, again.toString()));
        events.publishEvent(new ClosedForNow(
                caller,
                projectId,
                again,
                stripDown.access().name(),
                left.iterator().next()));
    }

    private void store(Caller caller, Standing s, StripDown<UUID> stripDown, boolean temporary, long version) {
        s.stripDowns().inside(stripDown).stream()
                .filter(o -> s.isOpen(o.id()))
                .findFirst()
                .ifPresent(o -> {
                    throw Conflict.of(
                            "strip-down.inner-open",
                            "“%s” is still open inside it.",
                            "Close that first.",
                            o.access().name());
                });
        UUID id = UUID.fromString(stripDown.id());
        StripDownRow row = Stored.require(mapper.findStripDown(caller.garageId(), id), "strip-down", id);
        Stored.notStale(
                mapper.updateStripDown(caller.garageId(), row.closed(today(caller), temporary, version)),
                "strip-down",
                () -> Stored.require(mapper.findStripDown(caller.garageId(), id), "strip-down", id));
    }

    List<FluidChoice.Choice> fluid(
            Caller caller, UUID projectId, String accessId, LocalDate partOn, LocalDate fixedOn, LocalDate nextOn) {
        Access access = vehicleAccess.of(caller, projectId).require(accessId);
        Access.Drained drained = access.drained()
                .orElseThrow(() -> InvalidValue.at(
                        "access", "fluid.none", "“%s” drains nothing.", "Choose a circuit.", access.name()));
        return FluidChoice.open(drained.circuit(), drained.litres(), partOn, fixedOn, nextOn);
    }

    @Override
    public String nameOf(Caller caller, UUID projectId, String access) {
        return vehicleAccess.of(caller, projectId).require(access).name();
    }

    @Override
    public List<Opened> opened(Caller caller, UUID projectId) {
        if (mapper.stripDowns(caller.garageId(), projectId).isEmpty()) return List.of();
        Standing s = access.standing(caller, projectId);
        Stream<Opened> open = s.stripDowns().all().stream()
                .filter(o -> s.isOpen(o.id()))
                .map(o -> new Opened(
                        UUID.fromString(o.id()), o.access().name(), o.access().excludes(), false));
        Stream<Opened> forNow = s.opened().values().stream()
                .filter(o ->
                        o.temporary() && o.closedOn() != null && s.accesses().has(o.access()))
                .filter(o -> s.stripDowns().all().stream()
                        .anyMatch(again -> again.access().id().equals(o.access()) && !s.isClosed(again.id())))
                .map(o -> new Opened(o.id(), s.accesses().require(o.access()).name(), Set.of(), true));
        return Stream.concat(open, forNow).toList();
    }

    @Override
    public List<Unclosed> stripDowns(Caller caller, UUID projectId) {
        Standing s = access.standing(caller, projectId);
        return s.stripDowns().all().stream()
                .filter(o -> !s.isClosed(o.id()))
                .map(o -> new Unclosed(
                        UUID.fromString(o.id()),
                        o.access().id(),
                        o.access().name(),
                        o.access().stripName(),
                        o.access().refitName(),
                        o.access().stripMinutes(),
                        o.access().refitMinutes(),
                        o.access().people(),
                        s.isOpen(o.id()),
                        o.jobs(),
                        s.stripDowns().around(o).stream()
                                .map(a -> UUID.fromString(a.id()))
                                .collect(Collectors.toSet()),
                        o.access().excludes(),
                        o.access().cautions().contains(Caution.STANDS),
                        s.isApart(o)))
                .toList();
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }

    @Override
    public void joinStripDowns(Caller caller, UUID jobId, Map<String, UUID> others) {
        access.joinStripDowns(caller, jobId, others);
    }
}
