package ofisino.server.plan;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.job.JobState;
import ofisino.server.identity.Caller;

/** The door to jobs. */
public interface Jobs {
    List<Job> of(Caller caller, UUID projectId);

    /** @throws ofisino.core.kernel.NotFound when the garage has no such job */
    Job require(Caller caller, UUID jobId);

    List<Link> links(Caller caller, UUID projectId);

    /** The findings that some job deals with. */
    Set<UUID> findingsWithJobs(Caller caller, UUID projectId);

    /** Work was done on a job that had not begun: it has now. */
    void begun(Caller caller, UUID jobId);

    /** It was thought cured and is not: a job that is over begins again. */
    void takeUpAgain(Caller caller, UUID jobId);

    /** {@code after} waits for {@code before}. */
    record Link(UUID before, UUID after) {}

    record Job(
            UUID id,
            UUID projectId,
            String code,
            String title,
            Aim aim,
            JobState state,
            int likelyMinutes,
            int spentMinutes) {}
}
