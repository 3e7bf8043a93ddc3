package ofisino.server.plan.job;

import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Effort;
import ofisino.core.kernel.Moved;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobEvent;
import ofisino.core.plan.job.JobState;
import ofisino.core.plan.job.Operation;
import ofisino.core.plan.job.Progress;
import ofisino.core.plan.job.Within;
import ofisino.core.plan.permit.Move;
import ofisino.core.plan.permit.Obstacle;
import ofisino.core.plan.scope.Batches;
import ofisino.core.plan.scope.Growth;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.plan.JobAdded;
import ofisino.server.plan.JobTakenUp;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.WorkTouched;
import ofisino.server.plan.job.JobController.EffortFields;
import ofisino.server.plan.job.JobController.JobFields;
import ofisino.server.plan.job.JobMapper.FindingLinkRow;
import ofisino.server.plan.job.JobMapper.LinkRow;
import ofisino.server.vehicle.BodyChange;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Jobs: what they are, what they follow, and how they go. */
@Service
record JobService(
        JobMapper mapper,
        Projects projects,
        Needs needs,
        Garages garages,
        FindingProgress findingProgress,
        JobDangers dangers,
        ApplicationEventPublisher events,
        JobLeave leave,
        JobOrder order,
        Clock clock)
        implements Jobs {
    /** Common practice, no source: what a job of which nothing is known may take. */
    private static final Effort UNKNOWN_EFFORT = new Effort(30, 60, 120);

    List<Job> list(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    /** The jobs as {@link Progress} sees them. @param byOthers those that somebody else does */
    List<Progress.Item<UUID>> items(Caller caller, UUID projectId, Set<UUID> byOthers) {
        Map<UUID, Set<UUID>> after = linkRows(caller, projectId).stream()
                .collect(Collectors.groupingBy(
                        LinkRow::afterId, Collectors.mapping(LinkRow::beforeId, Collectors.toSet())));
        Map<UUID, List<Needs.Need>> lacking = lacking(caller, projectId);
        return list(caller, projectId).stream()
                .map(j -> new Progress.Item<>(
                        j.id(),
                        j.work(byOthers.contains(j.id())),
                        after.getOrDefault(j.id(), Set.of()),
                        !lacking.containsKey(j.id()),
                        j.nature().startsOrDrives()))
                .toList();
    }

    /** By job, the parts that are not here, looked at and right. */
    Map<UUID, List<Needs.Need>> lacking(Caller caller, UUID projectId) {
        return needs.of(caller, projectId).stream()
                .filter(n -> n.jobId() != null && n.state().isLacking())
                .collect(Collectors.groupingBy(Needs.Need::jobId));
    }

    Job find(Caller caller, UUID id) {
        return mapper.require(caller.garageId(), id);
    }

    List<LinkRow> linkRows(Caller caller, UUID projectId) {
        return mapper.links(caller.garageId(), projectId);
    }

    List<FindingLinkRow> findingLinks(Caller caller, UUID projectId) {
        return mapper.findingLinks(caller.garageId(), projectId);
    }

    void mustBeFresh(int updatedRows, Caller caller, UUID id) {
        Stored.notStale(updatedRows, "job", () -> find(caller, id));
    }

    Job add(Caller caller, UUID projectId, UUID id, JobFields fields) {
        return add(caller, projectId, id, fields, Optional.empty());
    }

    /** @param system of a job that is at no single place */
    private Job add(Caller caller, UUID projectId, UUID id, JobFields fields, Optional<VehicleSystem> system) {
        projects.requireOpen(caller, projectId);
        String code = garages.nextLabel(caller).value();
        Job job = checked(caller, id, projectId, null, 0, code, fields, JobState.PLANNED, 0);
        mapper.insert(caller.garageId(), system.map(job::ofSystem).orElse(job));
        findingProgress.mayBeWorkedOn(
                caller, fields.findings(), find(caller, id).operation());
        for (UUID finding : fields.findings()) mapper.insertFindingLink(caller.garageId(), id, finding);
        follow(caller, find(caller, id), fields.after());
        events.publishEvent(new JobAdded(caller, id));
        return find(caller, id);
    }

    Job change(Caller caller, UUID id, JobFields fields, long version) {
        Job stored = open(caller, id);
        Job changed = checked(
                caller,
                id,
                stored.projectId(),
                stored.chainId(),
                stored.position(),
                stored.code(),
                fields,
                stored.state(),
                version);
        stored.nature().mayBecome(changed.nature(), stored.state());
        findingProgress.mayBeWorkedOn(
                caller, findingsByJob(caller, stored.projectId()).getOrDefault(id, List.of()), changed.operation());
        Stored.notStale(mapper.update(caller.garageId(), changed), "job", () -> find(caller, id));
        follow(caller, stored, fields.after());
        return find(caller, id);
    }

    private void follow(Caller caller, Job job, List<UUID> after) {
        order.follow(
                caller, job, after.stream().map(before -> find(caller, before)).toList());
    }

    private Job checked(
            Caller caller,
            UUID id,
            UUID projectId,
            UUID chainId,
            int position,
            String code,
            JobFields f,
            JobState state,
            long version) {
        Projects.Project project = projects.require(caller, projectId);
        Optional<Job> stored = mapper.find(caller.garageId(), id);
        boolean moved = f.zone() != null
                && stored.map(Job::zone).filter(f.zone()::equals).isEmpty();
        // a job may be on a thing of another system than its place: a wiper motor in the scuttle
        VehicleSystem system = moved
                ? projects.bodyOf(project).require(f.zone()).system()
                : stored.map(Job::system).orElse(null);
        Effort effort = f.effort() == null ? UNKNOWN_EFFORT : f.effort().checked();
        return new Job(
                id,
                projectId,
                chainId,
                position,
                code,
                Texts.line("title", f.title()),
                f.operation() == null ? Operation.REPLACE : f.operation(),
                f.zone(),
                system,
                f.aim() == null ? project.aim() : f.aim(),
                effort.optimisticMinutes(),
                effort.likelyMinutes(),
                effort.pessimisticMinutes(),
                Stream.concat(f.details().stream(), Detail.impliedBy(f.title()).stream())
                        .collect(Collectors.toUnmodifiableSet()),
                new Batches.Step<>(id, Operation.INSPECT, f.pieces()).pieces(),
                f.cause() == null ? Growth.Cause.FORGOTTEN : f.cause(),
                Texts.note("halfOpen", f.halfOpen()),
                state,
                Texts.note("note", f.note()),
                0,
                null,
                null,
                null,
                version);
    }

    @EventListener
    void placesStay(BodyChange change) {
        for (Job job : mapper.of(change.caller().garageId(), change.projectId()))
            if (job.zone() != null) change.keep(job.title(), job.zone());
    }

    @Override
    public void link(Caller caller, UUID before, UUID after) {
        order.link(caller, find(caller, before), open(caller, after));
    }

    /** So soon should it begin after one that it follows; without a number the rules of the trade say it. */
    void within(Caller caller, UUID id, UUID before, @Nullable Integer minutes) {
        open(caller, id);
        if (minutes != null) new Within(minutes);
        if (mapper.putWithin(caller.garageId(), before, id, minutes) == 0) throw new NotFound("link", before);
    }

    @Override
    public Set<Caution> cautions(Caller caller, UUID jobId) {
        Job job = find(caller, jobId);
        return dangers.of(caller, job.projectId()).job(job);
    }

    @Override
    public Set<Caution> cautions(Caller caller, UUID projectId, Set<UUID> ids) {
        JobDangers.Of its = dangers.of(caller, projectId);
        Set<Caution> found = EnumSet.noneOf(Caution.class);
        of(caller, projectId).stream().filter(j -> ids.contains(j.id())).forEach(j -> found.addAll(its.job(j)));
        return found;
    }

    /** A person takes a job up or a step further: what has to be so before is asked for first. */
    Job step(Caller caller, UUID id, JobState wanted, long version) {
        Job stored = open(caller, id);
        leave.mustHave(caller, stored, wanted);
        return move(caller, id, wanted, version);
    }

    @Override
    public List<Obstacle> obstacles(Caller caller, UUID jobId, Move move) {
        return leave.obstacles(caller, require(caller, jobId), move);
    }

    private Job move(Caller caller, UUID id, JobState wanted, long version) {
        Job stored = open(caller, id);
        Moved<ofisino.core.plan.job.Job, JobEvent> moved =
                stored.toCore().to(wanted, caller.accountId(), LocalDate.now(clock.withZone(garages.zone(caller))));
        Job now = stored.with(moved.now(), stored.code(), version);
        Stored.notStale(mapper.update(caller.garageId(), now), "job", () -> find(caller, id));
        findingProgress.jobMoved(caller, now);
        moved.events().forEach(event -> follow(caller, now, event));
        return find(caller, id);
    }

    private void follow(Caller caller, Job job, JobEvent event) {
        if (event instanceof JobEvent.Finished f) {
            mapper.ended(
                    caller.garageId(),
                    job.id(),
                    f.ended().by().orElse(null),
                    f.ended().on());
            needs.fitted(caller, job.id());
        } else if (event instanceof JobEvent.Verified) needs.verified(caller, job.id());
        else if (event instanceof JobEvent.Dropped) needs.dropped(caller, job.id());
        else if (event instanceof JobEvent.WantedAgain) needs.wantedAgain(caller, job.id());
        else if (event instanceof JobEvent.TakenUpAgain) events.publishEvent(new JobTakenUp(caller, job.id()));
        else if (event instanceof JobEvent.Touched t)
            events.publishEvent(new WorkTouched(
                    caller, job.projectId(), t.system().map(Set::of).orElse(Set.of()), job.title()));
        else throw new IllegalStateException("nobody follows " + event);
    }

    private Job open(Caller caller, UUID id) {
        Job stored = find(caller, id);
        projects.requireOpen(caller, stored.projectId());
        return stored;
    }

    @Override
    public List<Job> of(Caller caller, UUID projectId) {
        return list(caller, projectId);
    }

    @Override
    public List<Link> links(Caller caller, UUID projectId) {
        return linkRows(caller, projectId).stream()
                .map(l -> new Link(l.beforeId(), l.afterId(), l.withinMinutes()))
                .toList();
    }

    @Override
    public Map<UUID, List<UUID>> findingsByJob(Caller caller, UUID projectId) {
        return findingLinks(caller, projectId).stream()
                .collect(Collectors.groupingBy(
                        FindingLinkRow::jobId, Collectors.mapping(FindingLinkRow::findingId, Collectors.toList())));
    }

    @Override
    public Set<UUID> findingsWithJobs(Caller caller, UUID projectId) {
        return findingProgress.findingsWithJobs(caller, projectId);
    }

    @Override
    public Job require(Caller caller, UUID jobId) {
        return find(caller, jobId);
    }

    @Override
    public void workedOn(Caller caller, UUID jobId, LocalDate day) {
        for (JobState next : find(caller, jobId).toCore().takenUpBy(day))
            move(caller, jobId, next, find(caller, jobId).version());
    }

    @Override
    public List<Obstacle> finish(Caller caller, UUID jobId) {
        Job job = find(caller, jobId);
        if (job.state().isDone()) return List.of();
        List<Obstacle> obstacles = obstacles(caller, jobId, Move.FINISH);
        if (obstacles.isEmpty()) step(caller, jobId, JobState.FINISHED, job.version());
        return obstacles;
    }

    @Override
    public void add(Caller caller, UUID projectId, NewJob j) {
        add(
                caller,
                projectId,
                j.id(),
                new JobFields(
                        j.title(),
                        j.nature().operation(),
                        null,
                        j.aim(),
                        EffortFields.of(j.effort()),
                        null,
                        null,
                        j.findings(),
                        j.nature().details(),
                        null,
                        j.cause(),
                        null),
                j.nature().system());
    }

    @Override
    public void drop(Caller caller, UUID jobId) {
        Job job = find(caller, jobId);
        if (!job.state().isOver()) step(caller, jobId, JobState.DROPPED, job.version());
    }

    @Override
    public void takeUpAgain(Caller caller, UUID jobId) {
        Job job = find(caller, jobId);
        if (job.state().isDone()) move(caller, jobId, JobState.BEGUN, job.version());
    }
}
