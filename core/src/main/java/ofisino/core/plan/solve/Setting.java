package ofisino.core.plan.solve;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.PlanProblem;

/**
 * What surrounds the work, in numbers: when people are there, what others take of places and things, when somebody's door is open. Problems that
 * differ in their work alone have it in common.
 */
final class Setting {
    final TimeGrid time;
    /** By capacity and live slot: what others take of it; null where they take nothing. */
    final int[][] taken;

    private final PlanProblem problem;
    /** One for all that share a list of windows, as all orders do. */
    private final Map<List<TimeWindow>, ExternalCalendar> doors = new IdentityHashMap<>();

    Setting(PlanProblem problem) {
        this.problem = problem;
        time = new TimeGrid(problem);
        taken = capacities(problem).map(c -> time.load(c.taken())).toArray(int[][]::new);
    }

    /** Whether they are those of another problem too; lists are told apart by what they are, not by what they say, which is quick and never wrong. */
    boolean areOf(PlanProblem other) {
        return problem.now().equals(other.now())
                && problem.horizon().equals(other.horizon())
                && problem.zone().equals(other.zone())
                && problem.people() == other.people()
                && problem.places() == other.places()
                && problem.resources() == other.resources()
                && TimeGrid.needsNobody(problem) == TimeGrid.needsNobody(other);
    }

    static Stream<PlanProblem.Capacity> capacities(PlanProblem problem) {
        return Stream.concat(problem.places().stream(), problem.resources().stream());
    }

    ExternalCalendar door(List<TimeWindow> open) {
        return doors.computeIfAbsent(open, o -> new ExternalCalendar(time, o));
    }
}
