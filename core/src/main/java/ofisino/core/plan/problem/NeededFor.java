package ofisino.core.plan.problem;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import ofisino.core.kernel.Aim;

/** What the aims of a problem hang on. */
public final class NeededFor {
    private final PlanProblem problem;
    private final Map<ActivityId, Integer> index = new HashMap<>();
    /** By place among the problem's activities. */
    private final List<List<Integer>> alsoNeeded = new ArrayList<>();

    /** Of its activities, links and strip-downs; read once for all aims. */
    public NeededFor(PlanProblem problem) {
        this.problem = problem;
        for (Activity a : problem.activities()) {
            index.put(a.id(), alsoNeeded.size());
            alsoNeeded.add(new ArrayList<>());
        }
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
        alsoNeeded.get(index.get(by)).add(index.get(what));
    }

    /** The activities of an aim, all that they depend on, and the closing of what was opened for them. */
    public Set<ActivityId> aim(Aim aim) {
        return named(places(aim));
    }

    /** These activities, all that they depend on, and the closing of what was opened for them. */
    public Set<ActivityId> of(Collection<ActivityId> wanted) {
        return named(places(wanted));
    }

    /** The same by their places among the problem's activities. */
    public BitSet places(Aim aim) {
        List<Integer> wanted = new ArrayList<>();
        for (int i = 0; i < problem.activities().size(); i++)
            if (aim.needs(problem.activities().get(i).aim())) wanted.add(i);
        return reached(wanted);
    }

    /** The same by their places among the problem's activities; what is not in the problem is left out. */
    public BitSet places(Collection<ActivityId> wanted) {
        return reached(wanted.stream().map(index::get).filter(Objects::nonNull).toList());
    }

    private BitSet reached(List<Integer> wanted) {
        BitSet found = new BitSet(alsoNeeded.size());
        List<Integer> open = new ArrayList<>(wanted);
        while (!open.isEmpty()) {
            int a = open.remove(open.size() - 1);
            if (found.get(a)) continue;
            found.set(a);
            open.addAll(alsoNeeded.get(a));
        }
        return found;
    }

    private Set<ActivityId> named(BitSet places) {
        Set<ActivityId> found = new LinkedHashSet<>();
        places.stream().forEach(i -> found.add(problem.activities().get(i).id()));
        return found;
    }
}
