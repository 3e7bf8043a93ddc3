package ofisino.server.plan.job;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.plan.job.Closing;
import ofisino.core.vehicle.finding.Finding;
import ofisino.core.vehicle.finding.FindingState;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.server.identity.Caller;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.Jobs.Job;
import ofisino.server.plan.job.JobMapper.FindingLinkRow;
import ofisino.server.vehicle.Findings;
import org.springframework.stereotype.Component;

/** Carries the progress of jobs over to the findings that they deal with. */
@Component
record FindingProgress(JobMapper mapper, Findings findings) {
    void jobMoved(Caller caller, Job job) {
        for (FindingLinkRow link : mapper.findingLinks(caller.garageId(), job.projectId())) {
            if (!link.jobId().equals(job.id())) continue;
            FindingState state = findings.require(caller, link.findingId()).state();
            List<Job> jobs = jobsOf(caller, link.findingId(), job.projectId());
            findings.moveTo(
                    caller,
                    link.findingId(),
                    Closing.following(state, jobs.stream().map(Job::state).toList()));
        }
    }

    /** @throws Conflict while a safety finding is not mended by verified work */
    void mustBeVerified(Caller caller, Finding finding) {
        Closing.missing(
                        finding.safetyClass(),
                        finding.decided().map(Finding.Decided::decision).orElse(null),
                        jobsOf(caller, finding.id(), finding.projectId()).stream()
                                .map(j -> new Closing.Work(j.title(), j.code(), j.operation(), j.state()))
                                .toList())
                .ifPresent(missing -> {
                    throw missing;
                });
    }

    /** What the findings mean that a job deals with. */
    List<SafetyClass> classesOf(Caller caller, Jobs.Job job) {
        return mapper.findingLinks(caller.garageId(), job.projectId()).stream()
                .filter(l -> l.jobId().equals(job.id()))
                .map(l -> findings.require(caller, l.findingId()).safetyClass())
                .toList();
    }

    Set<UUID> findingsWithJobs(Caller caller, UUID projectId) {
        return mapper.findingLinks(caller.garageId(), projectId).stream()
                .map(FindingLinkRow::findingId)
                .collect(Collectors.toSet());
    }

    private List<Job> jobsOf(Caller caller, UUID findingId, UUID projectId) {
        List<UUID> ids = mapper.findingLinks(caller.garageId(), projectId).stream()
                .filter(l -> l.findingId().equals(findingId))
                .map(FindingLinkRow::jobId)
                .toList();
        return mapper.of(caller.garageId(), projectId).stream()
                .filter(j -> ids.contains(j.id()))
                .toList();
    }
}
