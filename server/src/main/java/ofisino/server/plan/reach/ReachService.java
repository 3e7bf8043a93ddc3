package ofisino.server.plan.reach;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.reach.ReachMapper.NewReach;
import ofisino.server.plan.reach.ReachMapper.ReachRow;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** How an awkward fastener is reached: found once at a place, shown to every job there. */
@Service
record ReachService(ReachMapper mapper, Jobs jobs, Projects projects) {
    List<ReachRow> of(Caller caller, UUID jobId) {
        jobs.require(caller, jobId);
        return mapper.of(caller.garageId(), jobId);
    }

    /** What can be reached only after another job waits for that job from now on. */
    void add(Caller caller, UUID jobId, NewReach reach) {
        projects.requireOpen(caller, jobs.require(caller, jobId).projectId());
        if (reach.onlyAfter() != null) jobs.link(caller, reach.onlyAfter(), jobId);
        mapper.insert(
                caller.garageId(),
                jobId,
                new NewReach(
                        reach.id(),
                        Texts.line("fastener", reach.fastener()),
                        Texts.line("tools", reach.tools()),
                        reach.onlyAfter()));
    }

    void remove(Caller caller, UUID jobId, UUID id) {
        projects.requireOpen(caller, jobs.require(caller, jobId).projectId());
        if (mapper.delete(caller.garageId(), id) == 0) throw new NotFound("note", id);
    }
}
