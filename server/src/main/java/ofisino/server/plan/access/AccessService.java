package ofisino.server.plan.access;

import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.access.Merging;
import ofisino.core.plan.access.Openings;
import ofisino.core.plan.access.WaysIn;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Precedence;
import ofisino.server.identity.Caller;
import ofisino.server.plan.JobAdded;
import ofisino.server.plan.JobJoined;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.access.AccessMapper.JobWayRow;
import ofisino.server.plan.access.AccessMapper.OpeningRow;
import ofisino.server.plan.access.AccessMapper.OwnWayRow;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Which jobs need which ways in, and which of them share an opening. */
@Service
class AccessService {
    private final AccessMapper mapper;
    private final Projects projects;
    private final Jobs jobs;
    private final VehicleWays vehicleWays;

    AccessService(AccessMapper mapper, Projects projects, Jobs jobs, VehicleWays vehicleWays) {
        this.mapper = mapper;
        this.projects = projects;
        this.jobs = jobs;
        this.vehicleWays = vehicleWays;
    }

    Standing standing(Caller caller, UUID projectId) {
        WaysIn ways = vehicleWays.of(caller, projectId);
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
        BiFunction<UUID, String, String> stored =
                (job, way) -> Optional.ofNullable(stays.get(job).get(way))
                        .orElseGet(() -> stayOf(present.get(job).piece(), way))
                        .toString();
        return new Standing(
                ways,
                direct,
                Openings.joined(ways, direct, stored),
                mapper.openings(caller.garageId(), projectId).stream()
                        .collect(Collectors.toMap(OpeningRow::id, o -> o)),
                present);
    }

    /** Where the jobs of a piece of work share an opening of a way in, unless somebody said otherwise. */
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
        List<Precedence.Link<UUID>> links = jobs.links(caller, projectId).stream()
                .map(l -> new Precedence.Link<>(l.before(), l.after()))
                .toList();
        return Merging.propose(s.openings(), links, states, closed);
    }

    /** A person says what a job needs to have open. */
    void assign(Caller caller, UUID jobId, Collection<String> wanted) {
        Jobs.Job job = jobs.require(caller, jobId);
        projects.requireOpen(caller, job.projectId());
        store(caller, job.projectId(), jobId, standing(caller, job.projectId()).ways(), new LinkedHashSet<>(wanted));
    }

    /** What was assigned stays where it was; what is new is shared with the piece of work. */
    private void store(Caller caller, UUID projectId, UUID jobId, WaysIn ways, Set<String> wanted) {
        Map<String, UUID> before = mapper.jobWays(caller.garageId(), projectId).stream()
                .filter(r -> r.jobId().equals(jobId))
                .collect(Collectors.toMap(JobWayRow::wayIn, JobWayRow::stay));
        UUID piece = jobs.require(caller, jobId).piece();
        mapper.deleteJobWays(caller.garageId(), jobId);
        for (String way : ways.closure(wanted))
            mapper.insertJobWay(
                    caller.garageId(),
                    new JobWayRow(jobId, way, wanted.contains(way), before.getOrDefault(way, stayOf(piece, way))));
        keepJoined(caller, projectId);
    }

    /** What had to be joined because a job or a way in came to need more is stored so. */
    private void keepJoined(Caller caller, UUID projectId) {
        Openings<UUID> joined = standing(caller, projectId).openings();
        for (JobWayRow row : mapper.jobWays(caller.garageId(), projectId))
            joined.find(row.jobId(), row.wayIn())
                    .map(UUID::fromString)
                    .filter(stay -> !stay.equals(row.stay()))
                    .ifPresent(stay -> mapper.moveStay(caller.garageId(), row.jobId(), row.wayIn(), stay));
    }

    /** A new job gets what its place and operation usually need; jobs of one piece of work share their openings. */
    @EventListener
    void jobAdded(JobAdded added) {
        assignUsual(added.caller(), jobs.require(added.caller(), added.jobId()));
    }

    /** The job that is kept needs what the dropped one needed. */
    @EventListener
    void jobJoined(JobJoined joined) {
        UUID projectId = jobs.require(joined.caller(), joined.into()).projectId();
        Map<UUID, Set<String>> direct = mapper.jobWays(joined.caller().garageId(), projectId).stream()
                .filter(JobWayRow::direct)
                .collect(Collectors.groupingBy(
                        JobWayRow::jobId, Collectors.mapping(JobWayRow::wayIn, Collectors.toSet())));
        Set<String> both = new LinkedHashSet<>(direct.getOrDefault(joined.into(), Set.of()));
        both.addAll(direct.getOrDefault(joined.dropped(), Set.of()));
        store(joined.caller(), projectId, joined.into(), vehicleWays.of(joined.caller(), projectId), both);
    }

    private void assignUsual(Caller caller, Jobs.Job job) {
        if (job.zone() == null) return;
        Set<String> usual = vehicleWays.usual(caller, job.projectId(), job.zone(), job.operation());
        if (!usual.isEmpty()) store(caller, job.projectId(), job.id(), vehicleWays.of(caller, job.projectId()), usual);
    }

    /** All jobs that are not over and of which nobody said anything get what they usually need. */
    void assignUsualToAll(Caller caller, UUID projectId) {
        projects.requireOpen(caller, projectId);
        Set<UUID> known = standing(caller, projectId).direct().keySet();
        for (Jobs.Job job : jobs.of(caller, projectId))
            if (!job.state().isOver() && !known.contains(job.id())) assignUsual(caller, job);
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
        for (UUID stay : stays) s.mustNotBeClosed(stay.toString());
        Openings<UUID> merged = s.openings();
        for (UUID other : stays.subList(1, stays.size()))
            merged = merged.merged(way, stays.get(0).toString(), other.toString());
        move(caller, s.openings(), merged);
    }

    void split(Caller caller, UUID projectId, String way, UUID stay, Set<UUID> leaving, UUID fresh) {
        projects.requireOpen(caller, projectId);
        Standing s = standing(caller, projectId);
        s.mustNotBeClosed(stay.toString());
        move(caller, s.openings(), s.openings().split(way, stay.toString(), leaving, fresh.toString()));
    }

    void move(Caller caller, Openings<UUID> before, Openings<UUID> after) {
        for (Openings.Opening<UUID> o : after.all())
            for (UUID job : o.jobs())
                if (!before.stay(job, o.wayIn().id()).equals(o.id()))
                    mapper.moveStay(caller.garageId(), job, o.wayIn().id(), UUID.fromString(o.id()));
    }

    /** A job joins the opening that another one is in. */
    void joinOpening(Caller caller, UUID jobId, String way, UUID other) {
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

    /** When what a way in needs has changed, jobs that use it need that too. */
    void keepOwn(Caller caller, UUID projectId, OwnWayRow row) {
        vehicleWays.keepOwn(caller, projectId, row);
        Standing s = standing(caller, projectId);
        s.direct().forEach((job, wanted) -> store(caller, projectId, job, s.ways(), wanted));
    }
}
