package ofisino.core.plan.solve;

import java.time.Instant;
import java.util.Optional;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;

/**
 * Serial passes in the order of one plan, over and over with other durations: no search, no reasons. Activities are known by their place in
 * the problem. Not for several threads; each has its own.
 */
public final class DrawnPass {
    private final Instance in;
    private final ScheduleGeneration pass;
    private final int[] list;
    /** Begun work waits for money, as it does in the plan itself. */
    private final boolean stretch;

    /**
     * Read once; the order is kept in every pass.
     *
     * @param order     a plan of the same activities, at other times
     * @param mostSlots by activity, the most quarters of an hour that it is ever given
     */
    private DrawnPass(PlanProblem problem, Plan order, int[] mostSlots) {
        in = new Instance(problem);
        list = KeptPlan.listOf(in, order);
        stretch = problem.purse().isPresent() && !new ScheduleGeneration(in).serial(list, false);
        System.arraycopy(mostSlots, 0, in.work, 0, mostSlots.length);
        pass = new ScheduleGeneration(in);
    }

    /** Empty where its activities wait for one another. */
    public static Optional<DrawnPass> of(PlanProblem problem, Plan order, int[] mostSlots) {
        try {
            return Optional.of(new DrawnPass(problem, order, mostSlots));
        } catch (Circle circle) {
            return Optional.empty();
        }
    }

    /**
     * Places everything anew; {@link #end} says where.
     *
     * @param slots       by activity, quarters of an hour of each of its crew; 0 where it takes nobody
     * @param waitSeconds by activity, what passes after its work
     * @return whether everything has a place before the horizon
     */
    public boolean place(int[] slots, int[] waitSeconds) {
        System.arraycopy(slots, 0, in.work, 0, slots.length);
        System.arraycopy(waitSeconds, 0, in.wait, 0, waitSeconds.length);
        return pass.serial(list, stretch);
    }

    /** Seconds after {@link #beginOf} at which an activity of the last pass was complete; negative where it had no place. */
    public int end(int activity) {
        return pass.placed[activity] ? pass.end[activity] : -1;
    }

    /** From when the seconds of a pass count. */
    public static Instant beginOf(PlanProblem problem) {
        return TimeGrid.originOf(problem);
    }

    /** Work that ends with the session that it began in keeps its hours: no session is longer. */
    public static boolean keepsItsHours(Activity a) {
        return a.crew().size() == 0 || a.timing().inOneGo();
    }
}
