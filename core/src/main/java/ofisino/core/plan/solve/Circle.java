package ofisino.core.plan.solve;

import java.util.List;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;

/** Activities that wait for one another. Only inside this package: outside it is an answer, {@link PlanOutcome.Circular}. */
final class Circle extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final transient List<ActivityId> activities;

    Circle(List<ActivityId> activities) {
        super(null, null, false, false);
        this.activities = activities;
    }

    List<ActivityId> activities() {
        return activities;
    }
}
