package ofisino.server.plan;

import java.util.List;
import java.util.OptionalInt;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.server.identity.Caller;

/** The door to what work asks for of the garage that nobody planned yet. */
public interface WorkAsks {
    /** Of each, in their order. */
    List<Asked> of(Caller caller, List<Work> works);

    /** @param lowest degrees Celsius that what it puts on asks for until it has cured; empty for none */
    record Work(JobNature nature, OptionalInt lowest) {}

    /** @param demand of light, warmth, quiet neighbours and of its session @param resources that it names */
    record Asked(Activity.Demand demand, List<PlanProblem.Capacity> resources) {}
}
