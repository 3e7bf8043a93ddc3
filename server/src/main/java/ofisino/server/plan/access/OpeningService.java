package ofisino.server.plan.access;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.access.FluidChoice;
import ofisino.core.plan.access.Openings.Opening;
import ofisino.core.plan.access.Raising;
import ofisino.core.plan.access.WayIn;
import ofisino.core.plan.permit.Move;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.ClosedForNow;
import ofisino.server.plan.LeaveAsked;
import ofisino.server.plan.Ways;
import ofisino.server.plan.WorkTouched;
import ofisino.server.plan.access.AccessMapper.OpeningRow;
import ofisino.server.vehicle.Projects;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Ways in that are opened and closed. */
@Service
class OpeningService implements Ways {
    private final AccessMapper mapper;
    private final AccessService access;
    private final VehicleWays vehicleWays;
    private final Projects projects;
    private final BeforeOpening before;
    private final Garages garages;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    OpeningService(
            AccessMapper mapper,
            AccessService access,
            VehicleWays vehicleWays,
            Projects projects,
            BeforeOpening before,
            Garages garages,
            Clock clock,
            ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.access = access;
        this.vehicleWays = vehicleWays;
        this.projects = projects;
        this.before = before;
        this.garages = garages;
        this.clock = clock;
        this.events = events;
    }

    /** Somebody opened it: with it all that it needs. */
    void open(Caller caller, UUID projectId, UUID stay, BeforeOpening.MadeSure made) {
        projects.requireOpen(caller, projectId);
        Standing s = access.standing(caller, projectId);
        Opening<UUID> opening = s.require(stay);
        s.mustNotBeClosed(opening.id());
        s.openings().around(opening).forEach(o -> s.mustNotBeClosed(o.id()));
        before.check(caller, projectId, s, opening, made);
        before.stillClosed(s, opening).forEach(o -> openOne(caller, projectId, s, o, made));
    }

    private void openOne(Caller caller, UUID projectId, Standing s, Opening<UUID> o, BeforeOpening.MadeSure made) {
        UUID stay = UUID.fromString(o.id());
        mapper.insertOpening(
                caller.garageId(),
                projectId,
                new OpeningRow(
                        stay,
                        o.wayIn().id(),
                        today(caller),
                        clock.instant(),
                        null,
                        false,
                        BeforeOpening.isRaising(s, o) ? made.supportPoints().strip() : "",
                        made.confirmed().stream().map(Enum::name).sorted().toList(),
                        0));
        if (!o.wayIn().touches().isEmpty())
            events.publishEvent(new WorkTouched(
                    caller, projectId, o.wayIn().touches(), o.wayIn().name()));
    }

    @Override
    public List<String> unsupported(Caller caller, UUID projectId) {
        Standing s = access.standing(caller, projectId);
        boolean standsOnNamedPoints = s.openings().all().stream()
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
                        && s.ways().has(o.wayIn())
                        && s.ways().require(o.wayIn()).cautions().contains(Caution.HOIST))
                .map(OpeningRow::openedAt)
                .max(Comparator.naturalOrder());
    }

    /** Closes it for good: what lies inside it is closed, and its jobs are over. */
    void close(Caller caller, UUID projectId, UUID stay, long version) {
        projects.requireOpen(caller, projectId);
        Standing s = access.standing(caller, projectId);
        Opening<UUID> opening = s.require(stay);
        opening.jobs().stream()
                .map(s.jobs()::get)
                .filter(j -> !j.state().isOver())
                .findFirst()
                .ifPresent(j -> {
                    throw new Conflict(
                            "opening.job-open",
                            "“%s” still needs it open. Finish the job, or split it off into an opening of its own."
                                    .formatted(j.title()));
                });
        store(caller, s, opening, false, version);
    }

    /** Closes it with the old filling. What is left to do gets an opening of its own, and that is owed to the car. */
    void closeForNow(Caller caller, UUID projectId, UUID stay, long version) {
        projects.requireOpen(caller, projectId);
        Standing s = access.standing(caller, projectId);
        Opening<UUID> opening = s.require(stay);
        if (opening.wayIn().drained().filter(d -> !d.circuit().neverTemporary()).isEmpty())
            throw new Conflict(
                    "opening.never-temporary",
                    "“%s” is never closed for the time being. Finish its jobs, and fill it with new fluid where one is let out."
                            .formatted(opening.wayIn().name()));
        store(caller, s, opening, true, version);
        Set<UUID> left = opening.jobs().stream()
                .filter(j -> !s.jobs().get(j).state().isOver())
                .collect(Collectors.toCollection(LinkedHashSet::new));
        if (left.isEmpty()) return;
        UUID again = UUID.nameUUIDFromBytes((stay + "again").getBytes(StandardCharsets.UTF_8));
        access.move(caller, s.openings(), s.openings().left(opening.wayIn().id(), left, again.toString()));
        events.publishEvent(new ClosedForNow(
                caller,
                projectId,
                again,
                opening.wayIn().name(),
                left.iterator().next()));
    }

    private void store(Caller caller, Standing s, Opening<UUID> opening, boolean temporary, long version) {
        s.openings().inside(opening).stream()
                .filter(o -> s.isOpen(o.id()))
                .findFirst()
                .ifPresent(o -> {
                    throw new Conflict(
                            "opening.inner-open",
                            "“%s” is still open inside it. Close that first."
                                    .formatted(o.wayIn().name()));
                });
        UUID stay = UUID.fromString(opening.id());
        OpeningRow row = Stored.require(mapper.findOpening(caller.garageId(), stay), "opening", stay);
        Stored.notStale(
                mapper.updateOpening(caller.garageId(), row.closed(today(caller), temporary, version)),
                "opening",
                () -> Stored.require(mapper.findOpening(caller.garageId(), stay), "opening", stay));
    }

    List<FluidChoice.Choice> fluid(
            Caller caller, UUID projectId, String wayIn, LocalDate partOn, LocalDate fixedOn, LocalDate nextOn) {
        WayIn way = vehicleWays.of(caller, projectId).require(wayIn);
        WayIn.Drained drained = way.drained()
                .orElseThrow(() -> InvalidValue.of(
                        "wayIn", "fluid.none", "“%s” drains nothing. Choose a circuit.".formatted(way.name())));
        return FluidChoice.open(drained.circuit(), drained.litres(), partOn, fixedOn, nextOn);
    }

    @Override
    public String nameOf(Caller caller, UUID projectId, String wayIn) {
        return vehicleWays.of(caller, projectId).require(wayIn).name();
    }

    @Override
    public List<Opened> opened(Caller caller, UUID projectId) {
        if (mapper.openings(caller.garageId(), projectId).isEmpty()) return List.of();
        Standing s = access.standing(caller, projectId);
        Stream<Opened> open = s.openings().all().stream()
                .filter(o -> s.isOpen(o.id()))
                .map(o -> new Opened(
                        UUID.fromString(o.id()), o.wayIn().name(), o.wayIn().excludes(), false));
        Stream<Opened> forNow = s.opened().values().stream()
                .filter(o -> o.temporary() && o.closedOn() != null && s.ways().has(o.wayIn()))
                .filter(o -> s.openings().all().stream()
                        .anyMatch(again -> again.wayIn().id().equals(o.wayIn()) && !s.isClosed(again.id())))
                .map(o -> new Opened(o.id(), s.ways().require(o.wayIn()).name(), Set.of(), true));
        return Stream.concat(open, forNow).toList();
    }

    @Override
    public List<Stay> stays(Caller caller, UUID projectId) {
        Standing s = access.standing(caller, projectId);
        return s.openings().all().stream()
                .filter(o -> !s.isClosed(o.id()))
                .map(o -> new Stay(
                        UUID.fromString(o.id()),
                        o.wayIn().id(),
                        o.wayIn().name(),
                        o.wayIn().stripMinutes(),
                        o.wayIn().refitMinutes(),
                        o.wayIn().people(),
                        s.isOpen(o.id()),
                        o.jobs(),
                        s.openings().around(o).stream()
                                .map(a -> UUID.fromString(a.id()))
                                .collect(Collectors.toSet()),
                        o.wayIn().excludes(),
                        o.wayIn().cautions().contains(Caution.STANDS)))
                .toList();
    }

    /** A job begins when what it needs to have open is open. */
    @EventListener
    void leaveAsked(LeaveAsked asked) {
        if (asked.move() != Move.BEGIN) return;
        stays(asked.caller(), asked.job().projectId()).stream()
                .filter(s -> !s.open() && s.jobs().contains(asked.job().id()))
                .forEach(s -> asked.facts().notOpened(s.id().toString(), s.name()));
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }
}
