package ofisino.server.plan.made;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.job.MadePart;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.plan.JobJoined;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.made.MadeMapper.MadeRow;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** What is made by hand, so that it can be made again. */
@Service
record MadeService(MadeMapper mapper, Jobs jobs, Projects projects) {
    List<MadeRow> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    /** @param version 0 where nothing is said yet */
    void put(Caller caller, UUID jobId, MadePart part, long version) {
        UUID projectId = jobs.require(caller, jobId).projectId();
        projects.requireOpen(caller, projectId);
        MadeRow row = MadeRow.of(jobId, part, version);
        Stored.notStale(
                version == 0 ? mapper.insert(caller.garageId(), row) : mapper.update(caller.garageId(), row),
                "made part",
                () -> of(caller, projectId).stream()
                        .filter(r -> r.jobId().equals(jobId))
                        .toList());
    }

    @EventListener
    void joined(JobJoined two) {
        mapper.move(two.caller().garageId(), two.dropped(), two.into());
    }
}
