package ofisino.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.plan.sentout.DaysAway;
import ofisino.core.plan.sentout.GivenAway;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to jobs that somebody else does. */
public interface GivenAwayJobs {
    /** Those of a project; of jobs that are over, too: what was agreed may still have to be paid. */
    List<JobGivenAway> of(Caller caller, UUID projectId);

    /** Those of a project, by their ids alone. */
    default Set<UUID> ids(Caller caller, UUID projectId) {
        return of(caller, projectId).stream().map(JobGivenAway::jobId).collect(Collectors.toSet());
    }

    /** Gives a job away, or says anew how. @throws ofisino.core.kernel.Conflict when it is over, or somebody changed it meanwhile */
    void give(Caller caller, JobGivenAway job);

    /** @param costMinor in the base currency @param version 0 where it was not given away before */
    record JobGivenAway(
            UUID jobId,
            String toWhom,
            int days,
            long costMinor,
            @Nullable LocalDate backOn,
            long version) {
        public GivenAway toCore() {
            return new GivenAway(toWhom, new DaysAway(days), costMinor, Optional.ofNullable(backOn));
        }
    }
}
