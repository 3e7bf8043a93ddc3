package ofisino.core.plan.orderofwork;

import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Detail;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;

/**
 * A job as the rules of order see it.
 *
 * @param <J>    whatever names a job
 * @param piece  the piece of work that it is a step of
 * @param begun  work on it has started, whether it goes on or is done
 * @param over   finished, verified or dropped
 * @param exists not dropped: only such a job can have done what a rule asks for
 */
public record Work<J>(
        J id,
        Operation operation,
        Set<Detail> details,
        Optional<String> zone,
        Optional<VehicleSystem> system,
        Optional<String> piece,
        boolean begun,
        boolean over,
        boolean exists) {
    public Work {
        details = Set.copyOf(details);
    }

    JobNature nature() {
        return new JobNature(operation, system, details);
    }
}
