package ofisino.server.plan.givenaway;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.NotFound;
import ofisino.core.kernel.Texts;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.plan.GivenAwayJobs;
import ofisino.server.plan.JobJoined;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.vehicle.Projects;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Jobs that somebody else does: the plan gives them days instead of hours, the money reckons with what was agreed. */
@Service
record GivenAwayService(GivenAwayMapper mapper, Jobs jobs, Projects projects, Garages garages)
        implements GivenAwayJobs {
    @Override
    public List<JobGivenAway> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    @Override
    public void give(Caller caller, JobGivenAway said) {
        Job job = openJob(caller, said.jobId());
        Currencies.minor("costMinor", garages.baseCurrency(caller), said.costMinor());
        var checked = new JobGivenAway(
                said.jobId(),
                Texts.optionalLine("toWhom", said.toWhom()),
                said.days(),
                said.costMinor(),
                said.backOn(),
                said.version());
        checked.toCore();
        Stored.notStale(
                said.version() == 0
                        ? mapper.insert(caller.garageId(), checked)
                        : mapper.update(caller.garageId(), checked),
                "given-away job",
                () -> of(caller, job.projectId()).stream()
                        .filter(g -> g.jobId().equals(said.jobId()))
                        .toList());
    }

    /** One does it oneself again. */
    void takeBack(Caller caller, UUID jobId) {
        openJob(caller, jobId);
        if (mapper.delete(caller.garageId(), jobId) == 0) throw new NotFound("given-away job", jobId);
    }

    private Job openJob(Caller caller, UUID jobId) {
        Job job = jobs.require(caller, jobId);
        projects.requireOpen(caller, job.projectId());
        if (job.state().isOver())
            throw Conflict.of(
                    "given-away.over", "“%s” is over.", "Open it again if it is not done after all.", job.title());
        return job;
    }

    @EventListener
    void joined(JobJoined two) {
        mapper.move(two.caller().garageId(), two.dropped(), two.into());
    }
}
