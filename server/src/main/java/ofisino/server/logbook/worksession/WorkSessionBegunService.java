package ofisino.server.logbook.worksession;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.logbook.worksession.Elapsed;
import ofisino.core.plan.permit.Move;
import ofisino.core.plan.permit.Obstacle;
import ofisino.server.identity.Caller;
import ofisino.server.logbook.worksession.WorkSessionBegunMapper.BegunRow;
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

    /** @param minutes shared evenly until now */
    record Going(BegunRow row, Map<What, Integer> minutes) {}

    Optional<Going> of(Caller caller) {
        return mapper.find(caller.garageId(), caller.accountId())
                .map(row -> new Going(
                        row,
                        Elapsed.shared(
                                row.begunAt(),
                                clock.instant(),
                                row.onWhat().stream().map(What::read).toList())));
    }

    void begin(Caller caller, UUID projectId, UUID id, List<UUID> jobIds, List<String> accesses) {
        projects.requireOpen(caller, projectId);
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
        accesses.forEach(w -> carAccess.nameOf(caller, projectId, w));
        mapper.insert(
                caller.garageId(),
                caller.accountId(),
                new BegunRow(
                        id,
                        projectId,
                        clock.instant().truncatedTo(ChronoUnit.MICROS),
                        Stream.concat(
                                        accesses.stream().map(w -> new What(null, w)),
                                        jobIds.stream().map(j -> new What(j, null)))
                                .distinct()
                                .map(What::written)
                                .toList()));
    }

    /** No evening is begun for what may not begin. What comes first on the same evening, or is opened on it, is no obstacle yet. */
    private void mustBeFree(Caller caller, Jobs.Job job, List<UUID> sameWorkSession) {
        List<Obstacle> all = jobs.obstacles(caller, job.id(), Move.BEGIN);
        boolean later = all.stream()
                .anyMatch(o -> o.kind() == Obstacle.ObstacleKind.STRIP_DOWN || comesFirst(o, sameWorkSession));
        List<Obstacle> obstacles = all.stream()
                .filter(o -> o.kind() != Obstacle.ObstacleKind.STRIP_DOWN
                        && !comesFirst(o, sameWorkSession)
                        && !(later && o.kind() == Obstacle.ObstacleKind.INTERLOCK))
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
