package ofisino.core.plan.problem;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ofisino.core.kernel.Aim;

/** What the aims of a problem hang on. */
public final class NeededFor {
    private final PlanProblem problem;
    private final Map<ActivityId, List<ActivityId>> alsoNeeded = new HashMap<>();

    /** Of its activities, links and strip-downs; read once for all aims. */
    public NeededFor(PlanProblem problem) {
        this.problem = problem;
        for (PlanProblem.Link link : problem.links()) also(link.after(), link.before());
        Map<String, PlanProblem.StripDown> stripDowns = new HashMap<>();
        for (PlanProblem.StripDown o : problem.stripDowns()) stripDowns.put(o.id(), o);
        for (PlanProblem.StripDown o : problem.stripDowns()) {
            for (ActivityId job : o.jobs()) also(job, o.refit());
            o.strip().ifPresent(s -> also(o.refit(), s));
            o.strip().ifPresent(s -> also(s, o.refit()));
            for (String outer : o.inside())
                also(o.refit(), stripDowns.get(outer).refit());
        }
    }

    private void also(ActivityId by, ActivityId what) {
        alsoNeeded.computeIfAbsent(by, x -> new ArrayList<>()).add(what);
    }

    /** The activities of an aim, all that they depend on, and the closing of what was opened for them. */
    public Set<ActivityId> aim(Aim aim) {
        return of(problem.activities().stream()
                .filter(a -> aim.needs(a.aim()))
                .map(Activity::id)
                .toList());
    }

    /** These activities, all that they depend on, and the closing of what was opened for them. */
    public Set<ActivityId> of(Collection<ActivityId> wanted) {
        Set<ActivityId> found = new LinkedHashSet<>();
        List<ActivityId> open = new ArrayList<>(wanted);
        while (!open.isEmpty()) {
            ActivityId id = open.remove(open.size() - 1);
            if (found.add(id)) open.addAll(alsoNeeded.getOrDefault(id, List.of()));
        }
        return found;
    }
}
