package ofisino.core.plan.whatif;

import java.time.Duration;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.sourcing.OrderDates;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;

/**
 * Parts of one kind, reconditioned for new for instance, wherever somebody offers such.
 *
 * @param leadDays by need that is bought so, from order to door
 */
public record BoughtAs(SupplyKind kind, Map<ActivityId, Integer> leadDays) {
    private static final Set<SupplyKind> SOLD =
            EnumSet.of(SupplyKind.NEW_ORIGINAL, SupplyKind.NEW_PATTERN, SupplyKind.RECONDITIONED, SupplyKind.USED);

    /** @throws InvalidValue when nobody sells that kind */
    public BoughtAs {
        leadDays = Map.copyOf(leadDays);
        if (!SOLD.contains(kind))
            throw InvalidValue.at(
                    "boughtAs",
                    "way.not-sold",
                    "That kind is not sold by anybody.",
                    "Choose new, reconditioned or used parts.");
    }

    /** The same car with parts that take so long. */
    PlanProblem of(PlanProblem problem) {
        return arriving(problem, leadDays);
    }

    /** The same car with parts that take so many days from order to door, and the usual check of them. */
    public static PlanProblem arriving(PlanProblem problem, Map<ActivityId, Integer> leadDays) {
        return problem.withActivities(problem.activities().stream()
                .map(a -> Optional.ofNullable(leadDays.get(a.id()))
                        .map(days -> coming(a, days))
                        .orElse(a))
                .toList());
    }

    private static Activity coming(Activity need, int days) {
        return need.with(need.timing()
                .waiting(Duration.ofDays(OrderDates.withUsualCheck(days).totalDays())));
    }
}
