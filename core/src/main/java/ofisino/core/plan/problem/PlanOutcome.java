package ofisino.core.plan.problem;

import java.util.List;
import java.util.Map;

/** What planning comes to. That it cannot be done is an answer, not an error. */
public sealed interface PlanOutcome {
    /** As far as there is one. */
    Plan plan();

    record Planned(Plan plan) implements PlanOutcome {}

    /** @param plan what could be placed all the same
     *  @param unplaced each activity that could not, with what stopped it */
    record Infeasible(Plan plan, List<Unplaced> unplaced) implements PlanOutcome {
        public Infeasible {
            unplaced = List.copyOf(unplaced);
        }
    }

    record Circular(List<ActivityId> circle) implements PlanOutcome {
        public Circular {
            circle = List.copyOf(circle);
        }

        @Override
        public Plan plan() {
            return new Plan(Map.of());
        }
    }

    record Unplaced(ActivityId id, Reason limit) {}
}
