package ofisino.core.plan.solve;

import java.util.HashSet;
import java.util.List;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;

/**
 * One schedule by serial or parallel generation, without any search.
 *
 * <p>Source of both methods: Kolisch, EJOR 90 (1996) 320-333. Deterministic.
 */
public final class SerialPass {
    private SerialPass() {}

    /** In the order of the longest way to the end, nearest milestone first. */
    public static PlanOutcome plan(PlanProblem problem) {
        try {
            var in = new Instance(problem);
            return serial(in, new PriorityRules(in).list(PriorityRules.Rule.LONGEST_TAIL));
        } catch (Circle circle) {
            return new PlanOutcome.Circular(circle.activities());
        }
    }

    /**
     * Each activity at its earliest, in the order given.
     *
     * @param order every activity once
     * @throws InvalidValue when the order is no such list
     */
    public static PlanOutcome plan(PlanProblem problem, List<Activity> order) {
        try {
            var in = new Instance(problem);
            return serial(in, numbers(in, order));
        } catch (Circle circle) {
            return new PlanOutcome.Circular(circle.activities());
        }
    }

    /** Slot by slot, whatever of the order can start in it: list scheduling. */
    public static PlanOutcome parallel(PlanProblem problem, List<Activity> order) {
        try {
            var in = new Instance(problem);
            int[] list = numbers(in, order);
            var pass = new ScheduleGeneration(in);
            pass.parallel(list);
            return PlanReader.of(pass);
        } catch (Circle circle) {
            return new PlanOutcome.Circular(circle.activities());
        }
    }

    private static PlanOutcome serial(Instance in, int[] list) {
        var pass = new ScheduleGeneration(in);
        pass.serial(list, false);
        return PlanReader.of(pass);
    }

    private static int[] numbers(Instance in, List<Activity> order) {
        if (order.size() != in.size || !new HashSet<>(order).containsAll(in.problem.activities()))
            throw new IllegalArgumentException("The order must name every activity once.");
        return order.stream().mapToInt(a -> in.index.get(a.id())).toArray();
    }
}
