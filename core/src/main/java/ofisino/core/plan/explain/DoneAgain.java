package ofisino.core.plan.explain;

import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/** What a job takes if it has to be done once more: itself, and all that is opened for it and closed again. */
public final class DoneAgain {
    private final PlanProblem problem;
    private final Map<ActivityId, Activity> byId;

    /** Of the jobs of one problem. */
    public DoneAgain(PlanProblem problem) {
        this.problem = problem;
        byId = problem.activities().stream().collect(Collectors.toMap(Activity::id, Function.identity()));
    }

    /** Nothing where it is not planned. */
    public Duration work(ActivityId job) {
        if (!byId.containsKey(job)) return Duration.ZERO;
        int slots = byId.get(job).workSlots();
        for (StripDown way : problem.stripDowns())
            if (way.jobs().contains(job))
                slots += slots(way.refit()) + way.strip().map(this::slots).orElse(0);
        return PlanProblem.SLOT.multipliedBy(slots);
    }

    private int slots(ActivityId id) {
        return Optional.ofNullable(byId.get(id)).map(Activity::workSlots).orElse(0);
    }
}
