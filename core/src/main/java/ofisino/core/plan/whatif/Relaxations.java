package ofisino.core.plan.whatif;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.LongFunction;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.solve.Planner.Budget;

/** What is the least that would make a plan possible which is not: of each kind one change, the smallest that works, found by bisection. */
public final class Relaxations {
    private static final Budget EACH = new Budget(40, 1);
    private static final long MOST_DAYS = 365;
    private static final long MOST_SESSIONS = 6;
    private static final long MOST_QUARTERS = 24;
    private static final long MOST_ROOM = 3;

    private Relaxations() {}

    /** What could be given up so that all fits. */
    public enum RelaxationKind {
        /** Days by which fixed starts and deadlines are later. */
        DATE,
        /** More evenings a week, each as long as the longest of the person. */
        WORK_SESSIONS,
        /** Minor units more in the purse now. */
        MONEY,
        /** One more in each place. */
        PLACE,
        /** Sessions a week on which somebody helps who has no time so far. */
        HELPER,
        /** Minutes by which each evening is longer. */
        SESSION
    }

    /** @param amount in the unit of the kind */
    public record Relaxation(RelaxationKind kind, long amount) {}

    /** Those that work, in the order of the kinds; empty where none alone does. */
    public static List<Relaxation> least(PlanProblem problem) {
        long dues = problem.activities().stream()
                .flatMap(a -> a.dues().stream())
                .mapToLong(Activity.Due::minor)
                .sum();
        long missing = problem.purse()
                .map(p -> dues + Math.max(0, p.floorMinor() - p.openingMinor()))
                .orElse(0L);
        List<Relaxation> found = new ArrayList<>();
        least(RelaxationKind.DATE, MOST_DAYS, 1, k -> Easing.later(problem, k)).ifPresent(found::add);
        least(RelaxationKind.WORK_SESSIONS, MOST_SESSIONS, 1, k -> Easing.moreWorkSessions(problem, (int) k))
                .ifPresent(found::add);
        if (missing > 0)
            least(RelaxationKind.MONEY, missing, 1, k -> Easing.richer(problem, k))
                    .ifPresent(found::add);
        least(RelaxationKind.PLACE, MOST_ROOM, 1, k -> Easing.roomier(problem, (int) k))
                .ifPresent(found::add);
        if (problem.people().stream().anyMatch(Easing::isMissing))
            least(RelaxationKind.HELPER, MOST_SESSIONS, 1, k -> Easing.helped(problem, (int) k))
                    .ifPresent(found::add);
        least(RelaxationKind.SESSION, MOST_QUARTERS, 15, k -> Easing.longer(problem, k))
                .ifPresent(found::add);
        return found;
    }

    private static Optional<Relaxation> least(
            RelaxationKind kind, long most, long unit, LongFunction<PlanProblem> relaxed) {
        if (!isPossible(relaxed.apply(most))) return Optional.empty();
        long no = 0;
        long yes = most;
        while (yes - no > 1) {
            long middle = no + (yes - no) / 2;
            if (isPossible(relaxed.apply(middle))) yes = middle;
            else no = middle;
        }
        return Optional.of(new Relaxation(kind, yes * unit));
    }

    private static boolean isPossible(PlanProblem problem) {
        return Planner.plan(problem, EACH) instanceof PlanOutcome.Planned;
    }
}
