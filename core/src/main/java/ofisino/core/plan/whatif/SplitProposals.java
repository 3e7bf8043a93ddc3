package ofisino.core.plan.whatif;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/**
 * Stays that wait until after a fixed time, because the vehicle cannot be there while they are open, though only some of their jobs have to wait so
 * long. Opened twice, the others could be done before. What that costs and gains is seen by planning {@link Splitting}; a person decides.
 */
public final class SplitProposals {
    private SplitProposals() {}

    /** @param leaving the jobs that have to wait anyway @param because the fixed time that it waits for */
    public record Proposal(String stripDown, Set<ActivityId> leaving, ActivityId because) {}

    /** In the order of the strip-downs; what lies inside a strip-down that is proposed is opened twice with it. */
    public static List<Proposal> of(PlanProblem problem, Plan plan) {
        List<Proposal> found = new ArrayList<>();
        Map<ActivityId, List<ActivityId>> before = new HashMap<>();
        problem.links()
                .forEach(l -> before.computeIfAbsent(l.after(), x -> new ArrayList<>())
                        .add(l.before()));
        for (StripDown o : problem.stripDowns())
            for (Activity fixed : problem.activities()) {
                if (fixed.timing().fixedStart().isEmpty() || !isExcluded(problem, o, fixed)) continue;
                Instant at = fixed.timing().fixedStart().get();
                if (o.strip()
                        .flatMap(plan::of)
                        .filter(s -> s.start().isAfter(at))
                        .isEmpty()) continue;
                Set<ActivityId> leaving = new LinkedHashSet<>();
                for (ActivityId job : o.jobs()) if (waitsUntil(job, at, plan, before)) leaving.add(job);
                if (!leaving.isEmpty() && leaving.size() < o.jobs().size()) {
                    found.add(new Proposal(o.id(), leaving, fixed.id()));
                    break;
                }
            }
        Set<String> proposed = found.stream().map(Proposal::stripDown).collect(Collectors.toSet());
        Set<String> inner = problem.stripDowns().stream()
                .filter(o -> o.inside().stream().anyMatch(proposed::contains))
                .map(StripDown::id)
                .collect(Collectors.toSet());
        return found.stream().filter(p -> !inner.contains(p.stripDown())).toList();
    }

    private static boolean isExcluded(PlanProblem problem, StripDown o, Activity fixed) {
        return problem.exclusions().stream()
                .filter(e -> e.activityOrStripDown().equals(o.id()))
                .map(Exclusion::state)
                .anyMatch(fixed.states()::contains);
    }

    /** Something that it waits for without any work of people, such as a part, is there only then. */
    private static boolean waitsUntil(ActivityId job, Instant at, Plan plan, Map<ActivityId, List<ActivityId>> before) {
        Set<ActivityId> seen = new HashSet<>();
        List<ActivityId> open = new ArrayList<>(before.getOrDefault(job, List.of()));
        while (!open.isEmpty()) {
            ActivityId id = open.remove(open.size() - 1);
            if (!seen.add(id)) continue;
            if (plan.of(id)
                    .filter(s -> s.stretches().isEmpty() && s.end().isAfter(at))
                    .isPresent()) return true;
            open.addAll(before.getOrDefault(id, List.of()));
        }
        return false;
    }
}
