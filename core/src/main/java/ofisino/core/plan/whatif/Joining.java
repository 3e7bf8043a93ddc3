package ofisino.core.plan.whatif;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/** The same problem with several strip-downs of one access made one, and with them the strip-downs of what it needs: opened once, closed once. */
public final class Joining {
    private final PlanProblem problem;
    private final Map<String, StripDown> stripDowns = new LinkedHashMap<>();
    private final UnitedStripDowns united;

    private Joining(PlanProblem problem) {
        this.problem = problem;
        this.united = new UnitedStripDowns(problem.stripDowns());
        for (StripDown o : problem.stripDowns()) stripDowns.put(o.id(), o);
    }

    /** @throws InvalidValue when they are not strip-downs of one access, or one is not in the problem */
    public static PlanProblem join(PlanProblem problem, List<String> stripDowns) {
        var joining = new Joining(problem);
        if (stripDowns.size() < 2
                || !joining.stripDowns.keySet().containsAll(stripDowns)
                || stripDowns.stream()
                                .map(s -> joining.stripDowns.get(s).access())
                                .distinct()
                                .count()
                        > 1)
            throw InvalidValue.of(
                    "plan.join", "Only open strip-downs of the same access can be combined.", "Reload the page.");
        return joining.joined(List.of(stripDowns));
    }

    /** The same for several groups at once, each of one access. */
    public static PlanProblem joinAll(PlanProblem problem, List<List<String>> groups) {
        return groups.isEmpty() ? problem : new Joining(problem).joined(groups);
    }

    private PlanProblem joined(List<List<String>> together) {
        for (List<String> group : together)
            for (String s : group) united.unite(united.placeOf(group.get(0)), united.placeOf(s));
        return joined();
    }

    /** The one that it becomes. */
    private String into(String id) {
        return problem.stripDowns().get(united.leader(united.placeOf(id))).id();
    }

    private PlanProblem joined() {
        Map<String, List<StripDown>> groups = new LinkedHashMap<>();
        for (StripDown o : problem.stripDowns())
            groups.computeIfAbsent(into(o.id()), id -> new ArrayList<>()).add(o);
        Set<ActivityId> gone = new HashSet<>();
        Set<ActivityId> openedDifferently = new HashSet<>();
        List<StripDown> left = new ArrayList<>();
        groups.forEach((id, members) -> {
            StripDown kept = stripDowns.get(id);
            boolean open = members.stream().anyMatch(o -> o.strip().isEmpty());
            for (StripDown o : members) {
                if (o != kept) gone.add(o.refit());
                if (o != kept || open) o.strip().ifPresent(gone::add);
                if (members.size() > 1) o.strip().ifPresent(openedDifferently::add);
            }
            left.add(new StripDown(
                    id,
                    kept.access(),
                    open ? Optional.empty() : kept.strip(),
                    kept.refit(),
                    members.stream().flatMap(o -> o.jobs().stream()).distinct().toList(),
                    members.stream()
                            .flatMap(o -> o.inside().stream())
                            .map(this::into)
                            .filter(outer -> !outer.equals(id))
                            .distinct()
                            .toList()));
        });
        // a job that opens or closes one of them is done all the same
        problem.activities().stream()
                .filter(a -> a.kind() == Activity.ActivityKind.JOB)
                .map(Activity::id)
                .forEach(gone::remove);
        // what all jobs of one strip-down wait for is not what all jobs of the joined one wait for
        List<Link> links = problem.links().stream()
                .filter(l -> !gone.contains(l.before()) && !gone.contains(l.after()))
                .filter(l -> !openedDifferently.contains(l.after()))
                .toList();
        Set<Exclusion> exclusions = new LinkedHashSet<>();
        for (Exclusion e : problem.exclusions())
            exclusions.add(new Exclusion(
                    stripDowns.containsKey(e.activityOrStripDown())
                            ? into(e.activityOrStripDown())
                            : e.activityOrStripDown(),
                    e.state()));
        return problem.withStripDowns(
                problem.activities().stream()
                        .filter(a -> !gone.contains(a.id()))
                        .toList(),
                links,
                left,
                List.copyOf(exclusions));
    }
}
