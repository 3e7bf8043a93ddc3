package ofisino.core.plan.grouping;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.whatif.Joining;

/** What a finished plan closes to open it again in the same session: wheels on, wheels off. Whoever reads that laughs. */
public final class BackToBack {
    private static final Duration SAME_SESSION = Duration.ofHours(6);

    private BackToBack() {}

    /**
     * The same problem with such strip-downs made one; empty where there are none.
     *
     * @param apart strip-downs that a person wants by themselves
     */
    public static Optional<PlanProblem> joined(PlanProblem problem, Plan plan, Set<String> apart) {
        Map<String, List<StripDown>> byAccess = problem.stripDowns().stream()
                .filter(s -> !apart.contains(s.id()) && plan.of(s.refit()).isPresent())
                .sorted(Comparator.comparing((StripDown s) -> opened(s, plan).orElse(problem.now())))
                .collect(Collectors.groupingBy(StripDown::access, LinkedHashMap::new, Collectors.toList()));
        List<List<String>> pairs = new ArrayList<>();
        for (List<StripDown> same : byAccess.values())
            for (int i = 1; i < same.size(); i++)
                if (isAtOnce(same.get(i - 1), same.get(i), plan))
                    pairs.add(List.of(same.get(i - 1).id(), same.get(i).id()));
        return pairs.isEmpty() ? Optional.empty() : Optional.of(Joining.joinAll(problem, pairs));
    }

    private static Optional<Instant> opened(StripDown s, Plan plan) {
        return s.strip().flatMap(plan::of).map(Plan.Scheduled::start);
    }

    private static boolean isAtOnce(StripDown first, StripDown second, Plan plan) {
        Instant closed = plan.of(first.refit()).orElseThrow().end();
        return opened(second, plan)
                .filter(at ->
                        !at.isBefore(closed) && Duration.between(closed, at).compareTo(SAME_SESSION) < 0)
                .isPresent();
    }

    /** Less is taken apart, and no milestone is on a later day. */
    public static boolean isBetter(PlanProblem joined, PlanOutcome after, PlanProblem problem, PlanOutcome before) {
        Worth then = Worth.of(joined, after);
        Worth now = Worth.of(problem, before);
        return !then.isLaterThan(now) && then.work().compareTo(now.work()) < 0;
    }
}
