package ofisino.server.plan.access;

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
import ofisino.core.plan.access.AccessGraph;
import ofisino.core.plan.access.CarState;
import ofisino.core.plan.access.Departure;
import ofisino.core.plan.access.Merging;
import ofisino.core.plan.access.StripDowns;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Precedence;
import ofisino.server.identity.Caller;
import ofisino.server.plan.JobAdded;
import ofisino.server.plan.JobJoined;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.access.AccessMapper.JobAccessRow;
import ofisino.server.plan.access.AccessMapper.OwnAccessRow;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Which jobs need which accesses, and which of them share a strip-down. */
@Service
record AccessService(AccessMapper mapper, Projects projects, Jobs jobs, VehicleAccess vehicleAccess) {
    Standing standing(Caller caller, UUID projectId) {
        AccessGraph accesses = vehicleAccess.of(caller, projectId);
        Map<UUID, Jobs.Job> present = jobs.of(caller, projectId).stream()
                .filter(j -> j.state() != JobState.DROPPED)
                .collect(Collectors.toMap(Jobs.Job::id, j -> j, (a, b) -> a, LinkedHashMap::new));
        Map<UUID, Set<String>> direct = new LinkedHashMap<>();
        Map<UUID, Map<String, UUID>> stripDowns = new HashMap<>();
        for (JobAccessRow row : mapper.jobAccess(caller.garageId(), projectId)) {
            if (!present.containsKey(row.jobId()) || !accesses.has(row.access())) continue;
            if (row.direct())
                direct.computeIfAbsent(row.jobId(), id -> new LinkedHashSet<>()).add(row.access());
            stripDowns.computeIfAbsent(row.jobId(), id -> new HashMap<>()).put(row.access(), row.stripDown());
        }
        Rounds rounds = Rounds.of(mapper.stripDowns(caller.garageId(), projectId));
        BiFunction<UUID, String, String> stripDownOf = (job, access) -> {
            Jobs.Job its = present.get(job);
            UUID stored = Optional.ofNullable(stripDowns.get(job).get(access))
                    .orElseGet(() -> Rounds.first(its.piece(), access));
            boolean stays = its.state().isOver() || !rounds.isClosed(stored);
            return (stays ? stored : rounds.next(its.piece(), access)).toString();
        };
        return new Standing(accesses, direct, StripDowns.joined(accesses, direct, stripDownOf), rounds, present);
    }

    List<Merging.Proposal> proposals(Caller caller, UUID projectId, Standing s) {
        Map<UUID, Set<CarState>> states = new HashMap<>();
        s.jobs().values().stream()
                .filter(j -> !j.state().isOver())
                .forEach(j -> states.put(j.id(), CarState.of(j.nature())));
        // what nothing is left to do in is not opened for it again
        Set<String> closed = s.stripDowns().all().stream()
                .filter(o -> s.isClosed(o.id()) || o.jobs().stream().noneMatch(states::containsKey))
                .map(StripDowns.StripDown::id)
                .collect(Collectors.toSet());
        List<Precedence.Link<UUID>> links = jobs.links(caller, projectId).stream()
                .map(l -> new Precedence.Link<>(l.before(), l.after()))
                .toList();
        return Merging.propose(s.stripDowns(), links, states, closed);
    }

    /** A person says what a job needs to have open. */
    void assign(Caller caller, UUID jobId, Collection<String> wanted) {
        Jobs.Job job = jobs.require(caller, jobId);
        projects.requireOpen(caller, job.projectId());
        store(
                caller,
                job.projectId(),
                jobId,
                standing(caller, job.projectId()).accesses(),
                new LinkedHashSet<>(wanted));
    }

    /** What was assigned stays where it was; what is new is shared with the piece of work. */
    private void store(Caller caller, UUID projectId, UUID jobId, AccessGraph accesses, Set<String> wanted) {
        Map<String, UUID> before = mapper.jobAccess(caller.garageId(), projectId).stream()
                .filter(r -> r.jobId().equals(jobId))
                .collect(Collectors.toMap(JobAccessRow::access, JobAccessRow::stripDown));
        UUID piece = jobs.require(caller, jobId).piece();
        mapper.deleteJobAccess(caller.garageId(), jobId);
        for (String access : accesses.closure(wanted))
            mapper.insertJobAccess(
                    caller.garageId(),
                    new JobAccessRow(
                            jobId,
                            access,
                            wanted.contains(access),
                            before.getOrDefault(access, Rounds.first(piece, access))));
        keepJoined(caller, projectId);
    }

    /** What had to be joined because a job or an access came to need more is stored so. */
    private void keepJoined(Caller caller, UUID projectId) {
        StripDowns<UUID> joined = standing(caller, projectId).stripDowns();
        for (JobAccessRow row : mapper.jobAccess(caller.garageId(), projectId))
            joined.find(row.jobId(), row.access())
                    .map(UUID::fromString)
                    .filter(stripDown -> !stripDown.equals(row.stripDown()))
                    .ifPresent(
                            stripDown -> mapper.moveStripDown(caller.garageId(), row.jobId(), row.access(), stripDown));
    }

    /** A new job gets what its place and operation usually need; jobs of one piece of work share their strip-downs. */
    @EventListener
    void jobAdded(JobAdded added) {
        Jobs.Job job = jobs.require(added.caller(), added.jobId());
        assign(added.caller(), job, job.isOwn() ? vehicleAccess.byItsTitle(added.caller(), job) : added.access());
    }

    /** The job that is kept needs what the dropped one needed. */
    @EventListener
    void jobJoined(JobJoined joined) {
        UUID projectId = jobs.require(joined.caller(), joined.into()).projectId();
        Map<UUID, Set<String>> direct = mapper.jobAccess(joined.caller().garageId(), projectId).stream()
                .filter(JobAccessRow::direct)
                .collect(Collectors.groupingBy(
                        JobAccessRow::jobId, Collectors.mapping(JobAccessRow::access, Collectors.toSet())));
        Set<String> both = new LinkedHashSet<>(direct.getOrDefault(joined.into(), Set.of()));
        both.addAll(direct.getOrDefault(joined.dropped(), Set.of()));
        store(joined.caller(), projectId, joined.into(), vehicleAccess.of(joined.caller(), projectId), both);
    }

    private void assign(Caller caller, Jobs.Job job, Departure departure) {
        String zone = job.zone() == null ? "" : job.zone();
        if (zone.isEmpty() && departure.opens().isEmpty()) return;
        Set<String> needed = vehicleAccess.needed(
                caller, job.projectId(), zone, job.operation(), departure, () -> pieceOf(caller, job));
        if (!needed.isEmpty())
            store(caller, job.projectId(), job.id(), vehicleAccess.of(caller, job.projectId()), needed);
    }

    private Set<Operation> pieceOf(Caller caller, Jobs.Job job) {
        return job.isOwn()
                ? Set.of(job.operation())
                : jobs.of(caller, job.projectId()).stream()
                        .filter(j -> j.piece().equals(job.piece()))
                        .map(Jobs.Job::operation)
                        .collect(Collectors.toSet());
    }

    /** All jobs that are not over and of which nobody said anything get what they usually need. */
    void assignUsualToAll(Caller caller, UUID projectId) {
        projects.requireOpen(caller, projectId);
        Set<UUID> known = standing(caller, projectId).direct().keySet();
        for (Jobs.Job job : jobs.of(caller, projectId))
            if (!job.state().isOver() && !known.contains(job.id()))
                assign(caller, job, job.isOwn() ? vehicleAccess.byItsTitle(caller, job) : Departure.NONE);
    }

    /** These jobs are in that strip-down. */
    void keep(Caller caller, Set<UUID> sharing, String access, UUID stripDown) {
        for (UUID job : sharing) mapper.moveStripDown(caller.garageId(), job, access, stripDown);
    }

    void move(Caller caller, StripDowns<UUID> before, StripDowns<UUID> after) {
        for (StripDowns.StripDown<UUID> o : after.all())
            for (UUID job : o.jobs())
                if (!before.stripDown(job, o.access().id()).equals(o.id()))
                    mapper.moveStripDown(caller.garageId(), job, o.access().id(), UUID.fromString(o.id()));
    }

    /** A job joins the strip-downs that others are in. @param others by access, one job that is in it */
    void joinStripDowns(Caller caller, UUID jobId, Map<String, UUID> others) {
        Jobs.Job job = jobs.require(caller, jobId);
        Standing s = standing(caller, job.projectId());
        Map<String, UUID> stripDowns = new LinkedHashMap<>();
        others.forEach((access, other) -> s.accesses()
                .closure(access)
                .forEach(open -> stripDowns.putIfAbsent(
                        open, UUID.fromString(s.stripDowns().stripDown(other, open)))));
        mapper.deleteJobAccess(caller.garageId(), jobId);
        stripDowns.forEach((open, stripDown) -> mapper.insertJobAccess(
                caller.garageId(), new JobAccessRow(jobId, open, others.containsKey(open), stripDown)));
    }

    /** When what an access needs has changed, jobs that use it need that too. */
    void keepOwn(Caller caller, UUID projectId, OwnAccessRow row) {
        vehicleAccess.keepOwn(caller, projectId, row);
        Standing s = standing(caller, projectId);
        s.direct().forEach((job, wanted) -> store(caller, projectId, job, s.accesses(), wanted));
    }
}
