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
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/**
 * Two strip-downs of one access that wait for one another cannot be apart: what is done in the one comes between what is done in the other, so the
 * access stays open meanwhile. They are planned as one strip-down. Nothing else of the statement is given up for it: what excludes what holds as before.
 */
public final class Untangling {
    private Untangling() {}

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

    private static Stream<ActivityId> members(StripDown o) {
        return Stream.concat(Stream.concat(o.strip().stream(), o.jobs().stream()), Stream.of(o.refit()));
    }
}
