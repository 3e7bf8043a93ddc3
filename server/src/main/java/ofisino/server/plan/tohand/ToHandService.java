package ofisino.server.plan.tohand;

import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.job.ToHand;
import ofisino.server.identity.Caller;
import ofisino.server.plan.JobAdded;
import ofisino.server.plan.JobJoined;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.ToHands;
import ofisino.server.plan.tohand.ToHandMapper.ToHandRow;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** What has to be to hand for a job. Nothing is not kept. */
@Service
record ToHandService(ToHandMapper mapper, Jobs jobs, Projects projects) implements ToHands {
    ToHand of(Caller caller, UUID jobId) {
        return byJob(caller, jobs.require(caller, jobId).projectId()).getOrDefault(jobId, ToHand.NOTHING);
    }

    void put(Caller caller, UUID jobId, ToHand what) {
        projects.requireOpen(caller, jobs.require(caller, jobId).projectId());
        if (what.equals(ToHand.NOTHING)) mapper.delete(caller.garageId(), jobId);
        else mapper.put(caller.garageId(), new ToHandRow(jobId, what.tools(), what.fasteners()));
    }

    /** A recipe says what its jobs need; a job by hand needs what a person says. */
    @EventListener
    void added(JobAdded added) {
        if (!added.toHand().equals(ToHand.NOTHING)) put(added.caller(), added.jobId(), added.toHand());
    }

    /** One of two tightens what either did. */
    @EventListener
    void joined(JobJoined two) {
        ToHand other = of(two.caller(), two.dropped());
        if (!other.equals(ToHand.NOTHING))
            put(two.caller(), two.into(), of(two.caller(), two.into()).and(other));
    }

    @Override
    public Map<UUID, ToHand> byJob(Caller caller, UUID projectId) {
        return mapper.of(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(ToHandRow::jobId, r -> new ToHand(r.tools(), r.fasteners())));
    }
}
