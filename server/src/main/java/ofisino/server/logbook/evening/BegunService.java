package ofisino.server.logbook.evening;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.logbook.session.Elapsed;
import ofisino.server.identity.Caller;
import ofisino.server.logbook.evening.BegunMapper.BegunRow;
import ofisino.server.plan.Jobs;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** An evening that goes on: somebody came into the garage for some jobs and has not left yet. */
@Service
class BegunService {
    private final BegunMapper mapper;
    private final Jobs jobs;
    private final Projects projects;
    private final Clock clock;

    BegunService(BegunMapper mapper, Jobs jobs, Projects projects, Clock clock) {
        this.mapper = mapper;
        this.jobs = jobs;
        this.projects = projects;
        this.clock = clock;
    }

    /** @param minutes by job, shared evenly until now */
    record Going(BegunRow row, Map<UUID, Integer> minutes) {}

    Optional<Going> of(Caller caller) {
        return mapper.find(caller.garageId(), caller.accountId())
                .map(row -> new Going(
                        row,
                        Elapsed.shared(
                                row.begunAt(),
                                clock.instant(),
                                row.jobs().stream().map(UUID::fromString).toList())));
    }

    void begin(Caller caller, UUID projectId, UUID id, List<UUID> jobIds) {
        projects.requireOpen(caller, projectId);
        if (mapper.find(caller.garageId(), caller.accountId()).isPresent())
            throw new Conflict("evening.begun", "You are in the garage already. End that evening first.");
        for (UUID job : jobIds)
            if (!jobs.require(caller, job).projectId().equals(projectId))
                throw InvalidValue.of("jobs", "evening.other-project", "That job belongs to another project.");
        mapper.insert(
                caller.garageId(),
                caller.accountId(),
                new BegunRow(
                        id,
                        projectId,
                        clock.instant().truncatedTo(ChronoUnit.MICROS),
                        jobIds.stream().map(UUID::toString).toList()));
    }

    /** It is over: logged, or not worth it. */
    void end(Caller caller) {
        mapper.delete(caller.garageId(), caller.accountId());
    }
}
