package ofisino.core.plan;

import java.util.List;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;

/** Activities of problems that are stated by hand. */
public final class Activities {
    private Activities() {}

    /** To open an access or to close it, with nothing out of the ordinary. */
    public static Activity ofAccess(String id, Activity.ActivityKind kind, Aim aim, int slots, Activity.Crew crew) {
        return new Activity(
                new ActivityId(id),
                kind,
                aim,
                slots,
                crew,
                Activity.Timing.FREE,
                Activity.Demand.NONE,
                List.of(),
                Set.of(),
                false);
    }
}
