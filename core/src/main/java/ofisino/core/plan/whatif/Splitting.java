package ofisino.core.plan.whatif;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/** The same problem with some jobs of a strip-down in a strip-down of their own: opened and closed once more, and so are the accesses inside it. */
public final class Splitting {
    private static final String SECOND = "/2";

    private final PlanProblem problem;
    private final Set<ActivityId> leaving;
    private final List<Activity> activities;
    private final List<StripDown> stripDowns = new ArrayList<>();
    private final List<Exclusion> exclusions;
    private final Set<ActivityId> openedDifferently = new HashSet<>();

    private Splitting(PlanProblem problem, Set<ActivityId> leaving) {
        this.problem = problem;
        this.leaving = leaving;
        this.activities = new ArrayList<>(problem.activities());
        this.exclusions = new ArrayList<>(problem.exclusions());
    }

    /** @throws InvalidValue when it is open already, or not some of its jobs leave and some stay */
    public static PlanProblem split(PlanProblem problem, String stripDown, Set<ActivityId> leaving) {
        StripDown whole = problem.stripDowns().stream()
                .filter(o -> o.id().equals(stripDown) && o.strip().isPresent())
                .findFirst()
                .orElseThrow(() -> InvalidValue.of(
                        "plan.split", "Only what is not open yet can be opened twice.", "Load the page again."));
        if (leaving.isEmpty() || !whole.jobs().containsAll(leaving) || leaving.containsAll(whole.jobs()))
            throw InvalidValue.of("plan.split-jobs", "Some of its jobs leave and some stay.", "Choose some, not all.");
        var splitting = new Splitting(problem, leaving);
        Set<String> torn = splitting.insideOf(stripDown);
        for (StripDown o : problem.stripDowns()) splitting.add(o, torn);
        return problem.withStripDowns(
                splitting.activities,
                problem.links().stream()
                        .filter(l -> !splitting.openedDifferently.contains(l.after()))
                        .toList(),
                splitting.stripDowns,
                splitting.exclusions);
    }

    /** What an opening or closing of the second strip-down was made from; anything else is itself. */
    public static ActivityId original(ActivityId id) {
        return id.value().endsWith(SECOND)
                ? new ActivityId(id.value().substring(0, id.value().length() - SECOND.length()))
                : id;
    }

    /** The strip-down and all that lie inside it. */
    private Set<String> insideOf(String stripDown) {
        Set<String> found = new HashSet<>(Set.of(stripDown));
        for (boolean again = true; again; ) {
            again = false;
            for (StripDown o : problem.stripDowns())
                if (o.inside().stream().anyMatch(found::contains)) again |= found.add(o.id());
        }
        return found;
    }

    private void add(StripDown o, Set<String> torn) {
        List<ActivityId> left =
                o.jobs().stream().filter(j -> !leaving.contains(j)).toList();
        boolean stays = !torn.contains(o.id()) || left.size() == o.jobs().size();
        boolean leaves = !stays && left.isEmpty();
        if (stays || o.strip().isEmpty()) stripDowns.add(o);
        else if (leaves) stripDowns.add(moved(o, torn));
        else {
            openedDifferently.add(o.strip().get());
            stripDowns.add(new StripDown(o.id(), o.access(), o.strip(), o.refit(), left, o.inside()));
            stripDowns.add(second(o, torn));
        }
    }

    /** All its jobs leave: it lies inside the second of what was torn. */
    private static StripDown moved(StripDown o, Set<String> torn) {
        return new StripDown(o.id(), o.access(), o.strip(), o.refit(), o.jobs(), inside(o, torn));
    }

    private StripDown second(StripDown o, Set<String> torn) {
        ActivityId strip = copy(o.strip().orElseThrow());
        ActivityId refit = copy(o.refit());
        problem.exclusions().stream()
                .filter(e -> e.activityOrStripDown().equals(o.id()))
                .forEach(e -> exclusions.add(new Exclusion(o.id() + SECOND, e.state())));
        return new StripDown(
                o.id() + SECOND,
                o.access(),
                Optional.of(strip),
                refit,
                o.jobs().stream().filter(leaving::contains).toList(),
                inside(o, torn));
    }

    private static List<String> inside(StripDown o, Set<String> torn) {
        return o.inside().stream()
                .map(outer -> torn.contains(outer) ? outer + SECOND : outer)
                .toList();
    }

    private ActivityId copy(ActivityId id) {
        var fresh = new ActivityId(id.value() + SECOND);
        problem.activities().stream()
                .filter(a -> a.id().equals(id))
                .findFirst()
                .ifPresent(a -> activities.add(a.named(fresh)));
        return fresh;
    }
}
