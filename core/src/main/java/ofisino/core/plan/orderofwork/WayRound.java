package ofisino.core.plan.orderofwork;

import java.util.Map;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Policy;

/**
 * Which way round a person goes about a project.
 *
 * @param mostOpen pieces of work that may be open at once, 1 to 9; it counts for {@link ProjectPolicy#KEEP_ROLLING} alone
 */
public record WayRound(ProjectPolicy policy, int mostOpen) {
    /** Where nobody said. */
    public static final WayRound USUAL = new WayRound(ProjectPolicy.RUNNING_FIRST, 1);

    private static final int MOST = 9;

    public WayRound {
        if (mostOpen < 1 || mostOpen > MOST)
            throw InvalidValue.at(
                    "mostOpen",
                    "policy.most-open",
                    "%d pieces cannot be open at once.",
                    "Enter 1 to %d.",
                    mostOpen,
                    MOST);
    }

    /** What that means for a plan. @param phases of the jobs, where the policy asks for them */
    public Policy over(Map<ActivityId, Phase> phases) {
        return policy.over(phases, mostOpen);
    }
}
