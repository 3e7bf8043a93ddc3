package ofisino.core.plan.grouping;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.SortedSet;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.explain.HiredDays;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.solve.Planner;

/**
 * When a tool is hired: its jobs are done in one go, and wait for one another, wherever a plan of the whole is better so, by {@link Worth}. From the last day on which it is
 * used back to the first, the tool is not had on one of them and until the next. Deterministic.
 */
public final class Hiring {
    /** Schedules for a trial. */
    private static final Planner.Budget TRIAL = new Planner.Budget(4, 1);
    /** Activities to plan anew in all trials together: a person waits for the answer. */
    private static final int EFFORT = 2_000;

    private final Planner planner = new Planner();
    private PlanProblem problem;
    private PlanOutcome outcome;
    private Worth worth;
    private int trials;

    private Hiring(PlanProblem stated) {
        problem = stated;
        outcome = planner.next(stated, TRIAL);
        worth = Worth.of(stated, outcome);
        trials = EFFORT / Math.max(1, stated.activities().size());
    }

    /** The same problem, hired tools being had only on days on which it is worth hiring them. */
    public static PlanProblem of(PlanProblem stated) {
        if (stated.resources().stream().noneMatch(Capacity::byTheDay)) return stated;
        var hiring = new Hiring(stated);
        for (Capacity tool : stated.resources())
            if (tool.byTheDay()) {
                hiring.eachInOneGo(tool.id());
                hiring.gather(tool.id());
            }
        return hiring.problem;
    }

    /** What fits into somebody's session waits for that and is done on one day. */
    private void eachInOneGo(String tool) {
        List<ActivityId> its = problem.activities().stream()
                .filter(a ->
                        a.demand().resources().containsKey(tool) && !a.timing().inOneGo() && fitsASession(a))
                .map(Activity::id)
                .toList();
        for (ActivityId id : its)
            isTaken(problem.withActivities(problem.activities().stream()
                    .map(a -> a.id().equals(id) ? a.with(a.timing().inOneSitting()) : a)
                    .toList()));
    }

    private boolean fitsASession(Activity a) {
        Duration work = PlanProblem.SLOT.multipliedBy(a.workSlots());
        return problem.people().stream()
                .filter(p -> a.crew().candidates().contains(p.id()))
                .flatMap(p -> p.windows().stream())
                .anyMatch(w -> Duration.between(w.from(), w.to()).compareTo(work) >= 0);
    }

    private void gather(String tool) {
        if (days(tool).isEmpty()) return;
        LocalDate next = days(tool).last();
        for (SortedSet<LocalDate> before = days(tool).headSet(next); !before.isEmpty(); ) {
            LocalDate day = before.last();
            SortedSet<LocalDate> sooner = before.headSet(day);
            Instant from =
                    sooner.isEmpty() ? problem.now() : startOf(sooner.last().plusDays(1));
            if (!isTaken(tool, new TimeWindow(from, startOf(next)))) next = day;
            before = days(tool).headSet(next);
        }
    }

    private SortedSet<LocalDate> days(String tool) {
        return HiredDays.of(problem, outcome.plan()).get(tool);
    }

    private Instant startOf(LocalDate day) {
        return day.atStartOfDay(problem.zone()).toInstant();
    }

    private boolean isTaken(String tool, TimeWindow without) {
        return isTaken(problem.withResources(problem.resources().stream()
                .map(c -> c.id().equals(tool) ? c.less(List.of(new Capacity.Taken(without, c.units()))) : c)
                .toList()));
    }

    private boolean isTaken(PlanProblem other) {
        if (--trials < 0) return false;
        PlanOutcome planned = planner.next(other, TRIAL);
        Worth then = Worth.of(other, planned);
        if (then.compareTo(worth) >= 0) return false;
        problem = other;
        outcome = planned;
        worth = then;
        return true;
    }
}
