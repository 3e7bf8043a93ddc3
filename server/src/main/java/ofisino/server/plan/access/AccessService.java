package ofisino.server.plan.access;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.access.FluidChoice;
import ofisino.core.plan.access.Layout;
import ofisino.core.plan.access.Merging;
import ofisino.core.plan.access.Openings;
import ofisino.core.plan.access.WayIn;
import ofisino.core.plan.access.WaysIn;
import ofisino.core.plan.access.WaysInLibrary;
import ofisino.core.plan.interlock.Reconnection;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Precedence;
import ofisino.core.vehicle.body.BodyStyle;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.JobAdded;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Ways;
import ofisino.server.plan.access.AccessMapper.JobWayRow;
import ofisino.server.plan.access.AccessMapper.OpeningRow;
import ofisino.server.plan.access.AccessMapper.OwnWayRow;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Which jobs need which ways in, and which of them share an opening. */
@Service
class AccessService implements Ways {
    private final AccessMapper mapper;
    private final Projects projects;
    private final Jobs jobs;
    private final Garages garages;
    private final WaysInLibrary library;
    private final Clock clock;

    AccessService(
            AccessMapper mapper, Projects projects, Jobs jobs, Garages garages, WaysInLibrary library, Clock clock) {
        this.mapper = mapper;
        this.projects = projects;
        this.jobs = jobs;
        this.garages = garages;
        this.library = library;
        this.clock = clock;
    }

    /**
     * The ways in of a project as they stand.
     *
     * @param ways     of this vehicle, a person's own included
     * @param direct   by job, what it needs itself
     * @param openings which jobs share what, of jobs that are not dropped
     * @param opened   stays that somebody opened, with the day on which they were closed
     */
    record Standing(
            WaysIn ways,
            Map<UUID, Set<String>> direct,
            Openings<UUID> openings,
            Map<UUID, OpeningRow> opened,
            Map<UUID, Jobs.Job> jobs) {
        boolean isClosed(String stay) {
            OpeningRow row = opened.get(UUID.fromString(stay));
            return row != null && row.closedOn() != null;
        }
    }

    static Layout layout(Projects.Project project) {
        if (project.bodyStyle() == BodyStyle.MOTORCYCLE) return Layout.MOTORCYCLE;
        return switch (project.drive()) {
            case FRONT -> Layout.FRONT_ENGINE_FRONT_DRIVE;
            case REAR_ENGINE -> Layout.REAR_ENGINE;
            case REAR, ALL -> Layout.FRONT_ENGINE_REAR_DRIVE;
        };
    }

    WaysIn ways(Caller caller, Projects.Project project) {
        WaysIn usual = library.of(layout(project));
        return usual.with(mapper.ownWays(caller.garageId(), project.id()).stream()
                .map(o -> o.toCore(usual.has(o.wayIn()) ? Optional.of(usual.require(o.wayIn())) : Optional.empty()))
                .toList());
    }

    Standing standing(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        WaysIn ways = ways(caller, project);
        Map<UUID, Jobs.Job> present = jobs.of(caller, projectId).stream()
                .filter(j -> j.state() != JobState.DROPPED)
                .collect(Collectors.toMap(Jobs.Job::id, j -> j, (a, b) -> a, LinkedHashMap::new));
        Map<UUID, Set<String>> direct = new LinkedHashMap<>();
        Map<UUID, Map<String, UUID>> stays = new HashMap<>();
        for (JobWayRow row : mapper.jobWays(caller.garageId(), projectId)) {
            if (!present.containsKey(row.jobId()) || !ways.has(row.wayIn())) continue;
            if (row.direct())
                direct.computeIfAbsent(row.jobId(), id -> new LinkedHashSet<>()).add(row.wayIn());
            stays.computeIfAbsent(row.jobId(), id -> new HashMap<>()).put(row.wayIn(), row.stay());
        }
        return new Standing(
                ways,
                direct,
                new Openings<>(
                        ways,
                        direct,
                        (job, way) -> stays.get(job)
                                .getOrDefault(way, stayOf(job, way))
                                .toString()),
                mapper.openings(caller.garageId(), projectId).stream()
                        .collect(Collectors.toMap(OpeningRow::id, o -> o)),
                present);
    }

    private static UUID stayOf(UUID piece, String way) {
        return UUID.nameUUIDFromBytes((piece + way).getBytes(StandardCharsets.UTF_8));
    }

    List<Merging.Proposal> proposals(Caller caller, UUID projectId, Standing s) {
        Map<UUID, Set<CarState>> states = new HashMap<>();
        s.jobs().values().stream()
                .filter(j -> !j.state().isOver())
                .forEach(j -> states.put(j.id(), CarState.of(j.operation(), j.details())));
        Set<String> closed = s.openings().all().stream()
                .map(Openings.Opening::id)
                .filter(s::isClosed)
                .collect(Collectors.toSet());
        return Merging.propose(s.openings(), links(caller, projectId), states, closed);
    }

    private List<Precedence.Link<UUID>> links(Caller caller, UUID projectId) {
        return jobs.links(caller, projectId).stream()
                .map(l -> new Precedence.Link<>(l.before(), l.after()))
                .toList();
    }

    /** A person says what a job needs to have open. */
    void assign(Caller caller, UUID jobId, Collection<String> wanted) {
        Jobs.Job job = jobs.require(caller, jobId);
        Projects.Project project = projects.requireOpen(caller, job.projectId());
        Standing s = standing(caller, project.id());
        assign(caller, s.ways(), job.id(), job.piece(), new LinkedHashSet<>(wanted), s.openings());
    }

    private void assign(
            Caller caller, WaysIn ways, UUID jobId, UUID piece, Set<String> wanted, Openings<UUID> openings) {
        Map<String, String> kept = new HashMap<>();
        Set<String> before = new HashSet<>();
        for (JobWayRow row : rowsOf(caller, jobId)) {
            kept.put(row.wayIn(), row.stay().toString());
            before.add(row.wayIn());
        }
        mapper.deleteJobWays(caller.garageId(), jobId);
        for (String way : ways.closure(wanted))
            mapper.insertJobWay(
                    caller.garageId(),
                    new JobWayRow(
                            jobId,
                            way,
                            wanted.contains(way),
                            before.contains(way)
                                    ? UUID.fromString(kept.get(way))
                                    : sharedStay(openings, piece, way).orElse(stayOf(piece, way))));
    }

    private List<JobWayRow> rowsOf(Caller caller, UUID jobId) {
        return mapper.jobWays(caller.garageId(), jobs.require(caller, jobId).projectId()).stream()
                .filter(r -> r.jobId().equals(jobId))
                .toList();
    }

    /** The stay that the other jobs of the piece of work share already: it may have been merged with another's. */
    private static Optional<UUID> sharedStay(Openings<UUID> openings, UUID piece, String way) {
        UUID usual = stayOf(piece, way);
        return openings.staysOf(way).contains(usual.toString()) ? Optional.of(usual) : Optional.empty();
    }

    /** A new job gets what its place and operation usually need; jobs of one piece of work share their openings. */
    @EventListener
    void jobAdded(JobAdded added) {
        Jobs.Job job = jobs.require(added.caller(), added.jobId());
        assignUsual(added.caller(), job.projectId(), job.id(), job.piece(), job.zone(), job.operation());
    }

    private void assignUsual(Caller caller, UUID projectId, UUID jobId, UUID piece, String zone, Operation operation) {
        if (zone == null) return;
        Projects.Project project = projects.require(caller, projectId);
        Set<String> usual = library.usual(layout(project), zone, operation);
        if (usual.isEmpty()) return;
        Standing s = standing(caller, projectId);
        assign(caller, s.ways(), jobId, piece, usual, s.openings());
    }

    /** All jobs that are not over and of which nobody said anything get what they usually need. */
    void assignUsualToAll(Caller caller, UUID projectId) {
        projects.requireOpen(caller, projectId);
        Set<UUID> known = standing(caller, projectId).direct().keySet();
        for (Jobs.Job job : jobs.of(caller, projectId))
            if (!job.state().isOver() && !known.contains(job.id()))
                assignUsual(caller, projectId, job.id(), job.piece(), job.zone(), job.operation());
    }

    /** The stays that the jobs are in, each once. */
    List<UUID> staysOf(Caller caller, UUID projectId, String way, List<UUID> of) {
        Standing s = standing(caller, projectId);
        return of.stream()
                .map(job -> s.openings().find(job, way))
                .flatMap(Optional::stream)
                .map(UUID::fromString)
                .distinct()
                .toList();
    }

    void merge(Caller caller, UUID projectId, String way, List<UUID> stays) {
        projects.requireOpen(caller, projectId);
        if (stays == null || stays.size() < 2)
            throw InvalidValue.of("stays", "opening.merge", "Choose at least two openings to make one of.");
        Standing s = standing(caller, projectId);
        Openings<UUID> merged = s.openings();
        for (UUID other : stays.subList(1, stays.size()))
            merged = merged.merged(way, stays.get(0).toString(), other.toString());
        for (UUID stay : stays)
            if (s.isClosed(stay.toString()))
                throw new Conflict("opening.closed", "One of these is closed already. What is closed stays as it was.");
        store(caller, s.openings(), merged);
    }

    void split(Caller caller, UUID projectId, String way, UUID stay, Set<UUID> leaving, UUID fresh) {
        projects.requireOpen(caller, projectId);
        Standing s = standing(caller, projectId);
        if (s.isClosed(stay.toString()))
            throw new Conflict("opening.closed", "This one is closed already. What is closed stays as it was.");
        store(caller, s.openings(), s.openings().split(way, stay.toString(), leaving, fresh.toString()));
    }

    private void store(Caller caller, Openings<UUID> before, Openings<UUID> after) {
        for (Openings.Opening<UUID> o : after.all())
            for (UUID job : o.jobs())
                if (!before.stay(job, o.wayIn().id()).equals(o.id()))
                    mapper.moveStay(caller.garageId(), job, o.wayIn().id(), UUID.fromString(o.id()));
    }

    /** Somebody opened it: with it all that it needs. */
    void open(Caller caller, UUID projectId, UUID stay) {
        projects.requireOpen(caller, projectId);
        Standing s = standing(caller, projectId);
        Openings.Opening<UUID> opening = require(s, stay);
        UUID any = opening.jobs().iterator().next();
        for (String way : s.ways().closure(opening.wayIn().id())) {
            UUID outer = UUID.fromString(s.openings().stay(any, way));
            if (!s.opened().containsKey(outer))
                mapper.insertOpening(
                        caller.garageId(), projectId, new OpeningRow(outer, way, today(caller), null, false, 0));
        }
    }

    static Openings.Opening<UUID> require(Standing s, UUID stay) {
        return s.openings().all().stream()
                .filter(o -> o.id().equals(stay.toString()))
                .findFirst()
                .orElseThrow(() ->
                        new Conflict("opening.unknown", "This opening is not there any more. Load the page again."));
    }

    /** Closes it; what needs it must be closed, and its jobs must be over. */
    void close(Caller caller, UUID projectId, UUID stay, boolean temporary, long version) {
        projects.requireOpen(caller, projectId);
        Standing s = standing(caller, projectId);
        Openings.Opening<UUID> opening = require(s, stay);
        OpeningRow row = Stored.require(mapper.findOpening(caller.garageId(), stay), "opening", stay);
        if (temporary
                && opening.wayIn()
                        .drained()
                        .filter(d -> d.circuit().neverTemporary())
                        .isPresent())
            throw new Conflict(
                    "opening.never-temporary",
                    "“%s” is never closed for the time being. Finish its jobs and fill it with new fluid."
                            .formatted(opening.wayIn().name()));
        if (!temporary)
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
        s.openings().all().stream()
                .filter(o -> s.ways().isNeededBy(opening.wayIn().id(), o.wayIn().id())
                        && opening.jobs().containsAll(o.jobs())
                        && s.opened().containsKey(UUID.fromString(o.id()))
                        && !s.isClosed(o.id()))
                .findFirst()
                .ifPresent(o -> {
                    throw new Conflict(
                            "opening.inner-open",
                            "“%s” is still open inside it. Close that first."
                                    .formatted(o.wayIn().name()));
                });
        Stored.notStale(
                mapper.updateOpening(
                        caller.garageId(),
                        new OpeningRow(stay, row.wayIn(), row.openedOn(), today(caller), temporary, version)),
                "opening",
                () -> Stored.require(mapper.findOpening(caller.garageId(), stay), "opening", stay));
    }

    void keepOwn(Caller caller, UUID projectId, OwnWayRow row) {
        Projects.Project project = projects.requireOpen(caller, projectId);
        WaysIn usual = library.of(layout(project));
        WayIn own = row.toCore(usual.has(row.wayIn()) ? Optional.of(usual.require(row.wayIn())) : Optional.empty());
        ways(caller, project).with(List.of(own));
        boolean known = mapper.ownWays(caller.garageId(), projectId).stream()
                .anyMatch(o -> o.wayIn().equals(row.wayIn()));
        if (!known && row.version() == 0) mapper.insertOwnWay(caller.garageId(), projectId, row);
        else
            Stored.notStale(
                    mapper.updateOwnWay(caller.garageId(), projectId, row),
                    "way in",
                    () -> mapper.ownWays(caller.garageId(), projectId));
        rebuild(caller, projectId);
    }

    /** A job joins the opening that another one is in. */
    void join(Caller caller, UUID jobId, String way, UUID other) {
        Jobs.Job job = jobs.require(caller, jobId);
        Standing s = standing(caller, job.projectId());
        mapper.deleteJobWays(caller.garageId(), jobId);
        for (String open : s.ways().closure(way))
            mapper.insertJobWay(
                    caller.garageId(),
                    new JobWayRow(
                            jobId,
                            open,
                            open.equals(way),
                            UUID.fromString(s.openings().stay(other, open))));
    }

    Map<String, Long> ownVersions(Caller caller, UUID projectId) {
        return mapper.ownWays(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(OwnWayRow::wayIn, OwnWayRow::version));
    }

    /** What is to be set again once the battery is back. */
    List<Reconnection.Reset> afterReconnecting(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        return Reconnection.of(project.bodyStyle(), project.builtYear());
    }

    List<FluidChoice.Choice> fluid(
            Caller caller, UUID projectId, String wayIn, LocalDate partOn, LocalDate fixedOn, LocalDate nextOn) {
        WayIn way = ways(caller, projects.require(caller, projectId)).require(wayIn);
        WayIn.Drained drained = way.drained()
                .orElseThrow(() -> InvalidValue.of(
                        "wayIn", "fluid.none", "“%s” drains nothing. Choose a circuit.".formatted(way.name())));
        if (nextOn.isBefore(fixedOn))
            throw InvalidValue.of("nextOn", "fluid.next", "The next day must come after the fixed one.");
        return FluidChoice.open(drained.circuit(), drained.litres(), partOn, fixedOn, nextOn);
    }

    /** What a way in needs has changed: jobs that use it need the new ones too. */
    private void rebuild(Caller caller, UUID projectId) {
        Standing s = standing(caller, projectId);
        s.direct()
                .forEach((job, wanted) ->
                        assign(caller, s.ways(), job, s.jobs().get(job).piece(), wanted, s.openings()));
    }

    @Override
    public List<Stay> stays(Caller caller, UUID projectId) {
        Standing s = standing(caller, projectId);
        return s.openings().all().stream()
                .filter(o -> !s.isClosed(o.id()))
                .map(o -> new Stay(
                        UUID.fromString(o.id()),
                        o.wayIn().name(),
                        o.wayIn().stripMinutes(),
                        o.wayIn().refitMinutes(),
                        s.opened().containsKey(UUID.fromString(o.id())),
                        o.jobs(),
                        s.ways().closure(o.wayIn().id()).stream()
                                .filter(w -> !w.equals(o.wayIn().id()))
                                .map(w -> UUID.fromString(
                                        s.openings().stay(o.jobs().iterator().next(), w)))
                                .collect(Collectors.toSet())))
                .toList();
    }

    LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }
}
