package ofisino.core.plan.recipe;

import java.util.List;
import java.util.function.UnaryOperator;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Job;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.job.Operation;

/**
 * What is done once for all that it serves, after the last of it: one bleeding however many brake parts were renewed.
 *
 * @param system what it proves or touches
 */
public record SharedWork(String id, VehicleSystem system, Recipe.Step step, List<Caution> cautions) {
    public SharedWork {
        cautions = List.copyOf(cautions);
    }

    /** Whether a job is still what this work is; a person may have made something else of it. */
    public boolean isDoneBy(JobNature job) {
        return job.operation() == step.operation()
                && job.details().containsAll(step.details())
                && job.system().filter(system::equals).isPresent();
    }

    /** Whether a job that is still to come does it, or one did it that nobody has undone since: fuel that was drained and not filled. */
    public boolean isDoneAnyway(List<Job> jobs) {
        boolean undone = jobs.stream()
                .anyMatch(j -> j.nature().operation() == Operation.FILL
                        && j.nature().system().filter(system::equals).isPresent()
                        && j.state().isDone());
        return jobs.stream()
                .filter(j -> isDoneBy(j.nature()))
                .anyMatch(j -> !j.state().isOver() || j.state().isDone() && !undone);
    }

    /** @param say makes of each text what is read */
    public SharedWork said(UnaryOperator<String> say) {
        return new SharedWork(id, system, step.said(say), cautions);
    }
}
