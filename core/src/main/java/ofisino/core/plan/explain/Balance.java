package ofisino.core.plan.explain;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;

/** Money at hand from day to day if a plan is kept: what is there, what comes in, less what becomes due. Minor units of the base currency. */
public final class Balance {
    private Balance() {}

    /** @param leftMinor from this day on, until the next point */
    public record Point(LocalDate day, long leftMinor) {}

    /** From today to the last thing planned, a point for each day on which something changes; empty without a purse. */
    public static List<Point> of(PlanProblem problem, Plan plan) {
        if (problem.purse().isEmpty()) return List.of();
        PlanProblem.Purse purse = problem.purse().get();
        LocalDate today = dayOf(problem, problem.now());
        LocalDate last = plan.activities().values().stream()
                .map(s -> dayOf(problem, s.end()))
                .max(LocalDate::compareTo)
                .orElse(today);
        Map<LocalDate, Long> changes = new TreeMap<>();
        changes.put(today, 0L);
        for (PlanProblem.Purse.Income i : purse.income())
            if (!i.day().isAfter(last)) changes.merge(i.day().isBefore(today) ? today : i.day(), i.minor(), Long::sum);
        for (Activity a : problem.activities())
            plan.of(a.id()).ifPresent(s -> {
                for (Activity.Due due : a.dues())
                    changes.merge(dayOf(problem, due.isAtEnd() ? s.end() : s.start()), -due.minor(), Long::sum);
            });
        List<Point> found = new ArrayList<>();
        long left = purse.openingMinor();
        for (var change : changes.entrySet()) {
            left += change.getValue();
            found.add(new Point(change.getKey(), left));
        }
        return found;
    }

    private static LocalDate dayOf(PlanProblem problem, Instant instant) {
        return instant.atZone(problem.zone()).toLocalDate();
    }
}
