package ofisino.server.logbook.worksession;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.logbook.worksession.Elapsed;
import ofisino.core.plan.permit.Move;
import ofisino.core.plan.permit.Obstacle;
import ofisino.server.identity.Caller;
import ofisino.server.logbook.worksession.WorkSessionBegunMapper.BegunRow;
import ofisino.server.logbook.worksession.WorkSessionBegunMapper.TickRow;
import ofisino.server.plan.CarAccess;
import ofisino.server.plan.Jobs;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** An evening that goes on: somebody came into the garage for some jobs and has not left yet. */
@Service
record WorkSessionBegunService(
        WorkSessionBegunMapper mapper, Jobs jobs, CarAccess carAccess, Projects projects, Clock clock) {
    /** A job, or an access that is opened or closed. */
    record What(@Nullable UUID jobId, @Nullable String access) {
        What {
            if ((jobId == null) == (access == null))
                throw InvalidValue.at(
                        "work",
                        "work-session.nothing",
                        "It must be one of the two.",
                        "Say which job or which access it is for.");
        }

        private static final String JOB = "job:";
        private static final String ACCESS = "access:";

        static What read(String written) {
            return written.startsWith(JOB)
                    ? new What(UUID.fromString(written.substring(JOB.length())), null)
                    : new What(null, written.substring(ACCESS.length()));
        }

        String written() {
            return jobId == null ? ACCESS + access : JOB + jobId;
        }
    }

    /** @param minutes until now, on what some time went */
    record Going(BegunRow row, List<What> onWhat, Map<What, Instant> ticks, Map<What, Integer> minutes) {}

    Optional<Going> of(Caller caller) {
        return mapper.find(caller.garageId(), caller.accountId()).map(row -> {
            List<What> onWhat = row.onWhat().stream().map(What::read).toList();
            Map<What, Instant> ticks = mapper.ticks(caller.garageId(), caller.accountId()).stream()
                    .collect(Collectors.toMap(t -> What.read(t.onWhat()), TickRow::tickedAt));
            return new Going(row, onWhat, ticks, Elapsed.ticked(row.begunAt(), clock.instant(), onWhat, ticks));
        });
    }

    String nameOf(Caller caller, UUID projectId, What what) {
        return what.jobId() == null
                ? carAccess.nameOf(caller, projectId, what.access())
                : jobs.require(caller, what.jobId()).title();
    }

    /** One of its steps is done, or is not after all. */
    void tick(Caller caller, What what, boolean done) {
        Going going = of(caller)
                .filter(g -> g.onWhat().contains(what))
                .orElseThrow(() -> Conflict.of(
                        "work-session.not-in-it",
                        "That is no step of a session that goes on.",
                        "Load the page again."));
        projects.requireOpen(caller, going.row().projectId());
        if (done && what.jobId() != null) mustBeMadeSureOf(caller, jobs.require(caller, what.jobId()));
        if (done)
            mapper.insertTick(
                    caller.garageId(),
                    caller.accountId(),
                    UUID.randomUUID(),
                    new TickRow(what.written(), clock.instant().truncatedTo(ChronoUnit.MICROS)));
        else mapper.deleteTick(caller.garageId(), caller.accountId(), what.written());
    }

    void begin(Caller caller, UUID projectId, UUID id, List<What> onWhat) {
        projects.requireOpen(caller, projectId);
        List<UUID> jobIds =
                onWhat.stream().map(What::jobId).filter(Objects::nonNull).toList();
        if (mapper.find(caller.garageId(), caller.accountId()).isPresent())
            throw Conflict.of("work-session.begun", "You are in the garage already.", "Finish that session first.");
        for (UUID job : jobIds) {
            Jobs.Job its = jobs.require(caller, job);
            if (!its.projectId().equals(projectId))
                throw InvalidValue.at(
                        "jobs",
                        "work-session.other-project",
                        "That job belongs to another project.",
                        "Choose one of this project.");
            if (!its.state().isInHand()) mustBeFree(caller, its, jobIds);
        }
        onWhat.stream()
                .map(What::access)
                .filter(Objects::nonNull)
                .forEach(access -> carAccess.nameOf(caller, projectId, access));
        mapper.insert(
                caller.garageId(),
                caller.accountId(),
                new BegunRow(
                        id,
                        projectId,
                        clock.instant().truncatedTo(ChronoUnit.MICROS),
                        onWhat.stream().distinct().map(What::written).toList()));
    }

    /**
     * No session is begun for what may not begin. What comes first in the same session, or is opened in it, is no obstacle yet; and what has to be
     * made sure of is asked in the session, before the step that is at hand: without it the step is not finished.
     */
    private void mustBeFree(Caller caller, Jobs.Job job, List<UUID> sameWorkSession) {
        List<Obstacle> obstacles = jobs.obstacles(caller, job.id(), Move.BEGIN).stream()
                .filter(o -> o.kind() != Obstacle.ObstacleKind.STRIP_DOWN
                        && o.kind() != Obstacle.ObstacleKind.INTERLOCK
                        && !comesFirst(o, sameWorkSession))
                .toList();
        if (!obstacles.isEmpty())
            throw Conflict.about(
                    Map.of("job", job.id(), "obstacles", obstacles),
                    "job.not-yet",
                    "“%s” (%s) may not begin yet.",
                    "%s Open the job: it says all that is in the way.",
                    job.title(),
                    job.code(),
                    obstacles.get(0).saying());
    }

    /** No step is done before what has to be so before it: it stands above the step. */
    private void mustBeMadeSureOf(Caller caller, Jobs.Job job) {
        if (jobs.obstacles(caller, job.id(), Move.BEGIN).stream()
                .anyMatch(o -> o.kind() == Obstacle.ObstacleKind.INTERLOCK))
            throw Conflict.of(
                    "work-session.unsure",
                    "“%s” is not done before its conditions for working safely are confirmed.",
                    "Confirm each of them above the step.",
                    job.title());
    }

    private static boolean comesFirst(Obstacle o, List<UUID> sameWorkSession) {
        return (o.kind() == Obstacle.ObstacleKind.JOB_BEFORE || o.kind() == Obstacle.ObstacleKind.RULE)
                && sameWorkSession.stream().anyMatch(id -> id.toString().equals(o.id()));
    }

    /** It is logged; one for another car goes on. */
    void endOf(Caller caller, UUID projectId) {
        mapper.deleteOf(caller.garageId(), caller.accountId(), projectId);
    }

    /** It was not worth it. */
    void end(Caller caller) {
        mapper.delete(caller.garageId(), caller.accountId());
    }
}
