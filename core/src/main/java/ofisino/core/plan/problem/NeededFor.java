package ofisino.core.plan.problem;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ofisino.core.kernel.Aim;

/** What an aim hangs on. */
public final class NeededFor {
    private NeededFor() {}

    /** The activities of an aim, all that they depend on, and the closing of what was opened for them. */
    public static Set<ActivityId> aim(PlanProblem problem, Aim aim) {
        Map<ActivityId, List<ActivityId>> alsoNeeded = new HashMap<>();
        for (PlanProblem.Link link : problem.links()) also(alsoNeeded, link.after(), link.before());
        Map<String, PlanProblem.StripDown> stripDowns = new HashMap<>();
        for (PlanProblem.StripDown o : problem.stripDowns()) stripDowns.put(o.id(), o);
        for (PlanProblem.StripDown o : problem.stripDowns()) {
            for (ActivityId job : o.jobs()) also(alsoNeeded, job, o.refit());
            o.strip().ifPresent(s -> also(alsoNeeded, o.refit(), s));
            o.strip().ifPresent(s -> also(alsoNeeded, s, o.refit()));
            for (String outer : o.inside())
                also(alsoNeeded, o.refit(), stripDowns.get(outer).refit());
        }
        Set<ActivityId> found = new LinkedHashSet<>();
        List<ActivityId> open = new ArrayList<>(problem.activities().stream()
                .filter(a -> aim.needs(a.aim()))
                .map(Activity::id)
                .toList());
        while (!open.isEmpty()) {
            ActivityId id = open.remove(open.size() - 1);
            if (found.add(id)) open.addAll(alsoNeeded.getOrDefault(id, List.of()));
        }
        return found;
    }

    private static void also(Map<ActivityId, List<ActivityId>> needed, ActivityId by, ActivityId what) {
        needed.computeIfAbsent(by, x -> new ArrayList<>()).add(what);
    }
}
