package ofisino.core.plan.whatif;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.problem.Reason;

/**
 * Two strip-downs of one access that wait for one another cannot be apart: what is done in the one comes between what is done in the other, so the
 * access stays open meanwhile. They are planned as one strip-down. Nothing else of the statement is given up for it: what excludes what holds as before.
 */
public final class Untangling {
    private Untangling() {}

    /** What is opened once for several, since it cannot be opened for each; empty where that is not what holds the plan. */
    public static Optional<PlanProblem> of(PlanProblem problem, PlanOutcome outcome) {
        if (outcome instanceof PlanOutcome.Circular c) return of(problem, c.circle());
        if (outcome instanceof PlanOutcome.Infeasible i) return ofStays(problem, i.unplaced());
        return Optional.empty();
    }

    /**
     * @param circle that was found in the problem
     * @return the problem with one tangle less; empty where the circle has none, so that only a person can resolve it
     */
    public static Optional<PlanProblem> of(PlanProblem problem, List<ActivityId> circle) {
        Set<ActivityId> waiting = new HashSet<>(circle);
        Map<String, List<String>> byAccess = problem.stripDowns().stream()
                .filter(o -> members(o).anyMatch(waiting::contains))
                .collect(Collectors.groupingBy(
                        StripDown::access, LinkedHashMap::new, Collectors.mapping(StripDown::id, Collectors.toList())));
        return byAccess.values().stream()
                .filter(stripDowns -> stripDowns.size() > 1)
                .findFirst()
                .map(stripDowns -> Joining.join(problem, stripDowns));
    }

    /**
     * Of two pieces of work one has opened what the other needs, and the other what the one needs: neither gets on. What they both need is opened
     * once for both.
     *
     * @param unplaced what could not be placed in the problem, and why
     * @return the problem with one such pair less; empty where there is none
     */
    public static Optional<PlanProblem> ofStays(PlanProblem problem, List<PlanOutcome.Unplaced> unplaced) {
        Map<ActivityId, String> byEnd = new LinkedHashMap<>();
        Set<String> opened = new HashSet<>();
        Set<ActivityId> stuck = unplaced.stream().map(PlanOutcome.Unplaced::id).collect(Collectors.toSet());
        for (StripDown o : problem.stripDowns()) {
            o.strip().ifPresent(strip -> byEnd.put(strip, o.id()));
            byEnd.put(o.refit(), o.id());
            if (o.strip().filter(stuck::contains).isEmpty()) opened.add(o.id());
        }
        return unplaced.stream()
                .filter(u -> u.limit().kind() == Reason.ReasonKind.OTHER_STAY)
                .map(u -> List.of(
                        byEnd.getOrDefault(u.id(), ""),
                        byEnd.getOrDefault(new ActivityId(u.limit().id()), "")))
                .filter(pair -> !pair.contains("") && opened.contains(pair.get(1)))
                .findFirst()
                .map(pair -> Joining.join(problem, pair));
    }

    private static Stream<ActivityId> members(StripDown o) {
        return Stream.concat(Stream.concat(o.strip().stream(), o.jobs().stream()), Stream.of(o.refit()));
    }
}
