package ofisino.core.plan.grouping;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/**
 * A fault is looked for before that is taken apart which has to be whole for it: found afterwards, it is taken apart once more. Common practice,
 * no source.
 */
public final class LookedForFirst {
    private LookedForFirst() {}

    /**
     * The problem in which they come before what would stand in their way, but what is open already, and what they wait for themselves. One that
     * waits for something to be bought holds nothing up.
     *
     * @param looks jobs that look for a fault
     * @return the very problem where nothing changes
     */
    public static PlanProblem in(PlanProblem problem, Set<ActivityId> looks) {
        if (looks.isEmpty()) return problem;
        Map<String, Set<String>> excluded = problem.exclusions().stream()
                .collect(Collectors.groupingBy(
                        Exclusion::activityOrStripDown, Collectors.mapping(Exclusion::state, Collectors.toSet())));
        Set<ActivityId> bought = problem.activities().stream()
                .filter(a -> a.kind() == Activity.ActivityKind.ORDER)
                .map(Activity::id)
                .collect(Collectors.toSet());
        Set<ActivityId> atOnce = new HashSet<>(looks);
        problem.links().stream().filter(l -> bought.contains(l.before())).forEach(l -> atOnce.remove(l.after()));
        var order = new Precedence<>(WorkingOrder.of(problem));
        List<Link> more = new ArrayList<>();
        for (Activity look : problem.activities())
            if (atOnce.contains(look.id()))
                for (StripDown s : problem.stripDowns())
                    if (excluded.getOrDefault(s.id(), Set.of()).stream().anyMatch(look.states()::contains))
                        s.strip()
                                .filter(strip ->
                                        order.circleClosedBy(look.id(), strip).isEmpty())
                                .ifPresent(strip -> {
                                    order.add(new Precedence.Link<>(look.id(), strip));
                                    more.add(Link.of(look.id().value(), strip.value()));
                                });
        if (more.isEmpty()) return problem;
        more.addAll(0, problem.links());
        return problem.withStripDowns(problem.activities(), more, problem.stripDowns(), problem.exclusions());
    }
}
