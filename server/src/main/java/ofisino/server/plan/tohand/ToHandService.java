package ofisino.server.plan.tohand;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
        return row(caller, jobId).toCore();
    }

    private ToHandRow row(Caller caller, UUID jobId) {
        return mapper.of(caller.garageId(), jobs.require(caller, jobId).projectId()).stream()
                .filter(r -> r.jobId().equals(jobId))
                .findFirst()
                .orElse(new ToHandRow(jobId, List.of(), List.of(), List.of()));
    }

    /** As a person says; what its recipe named to be tightened stays. */
    void put(Caller caller, UUID jobId, ToHand what) {
        projects.requireOpen(caller, jobs.require(caller, jobId).projectId());
        List<String> given = row(caller, jobId).given();
        what.mustKeep(given);
        keep(caller, jobId, what, given);
    }

    private void keep(Caller caller, UUID jobId, ToHand what, List<String> given) {
        if (what.equals(ToHand.NOTHING)) mapper.delete(caller.garageId(), jobId);
        else mapper.put(caller.garageId(), new ToHandRow(jobId, what.tools(), what.fasteners(), given));
    }

    /** A recipe says what its jobs need; a job by hand needs what a person says. */
    @EventListener
    void added(JobAdded added) {
        keep(added.caller(), added.jobId(), added.toHand(), added.toHand().fasteners());
    }

    /** One of two tightens what either did. */
    @EventListener
    void joined(JobJoined two) {
        ToHandRow into = row(two.caller(), two.into());
        ToHandRow other = row(two.caller(), two.dropped());
        keep(
                two.caller(),
                two.into(),
                into.toCore().and(other.toCore()),
                Stream.concat(into.given().stream(), other.given().stream())
                        .distinct()
                        .toList());
    }

    @Override
    public Map<UUID, ToHand> byJob(Caller caller, UUID projectId) {
        return mapper.of(caller.garageId(), projectId).stream()
                .collect(Collectors.toMap(ToHandRow::jobId, ToHandRow::toCore));
    }
}
