package ofisino.core.plan.grouping;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.whatif.Joining;

/**
 * Work that opens and closes an access itself: an exhaust that is renewed is off anyway. What else needs that access is done in between, so that
 * nothing is put on to be taken off again.
 *
 * @param accesses that it opens and closes
 * @param opens    the job with which it opens them; empty where that is done
 * @param closes   the job with which it closes them
 */
public record OpenedByWork(Set<String> accesses, Optional<ActivityId> opens, ActivityId closes) {
    public OpenedByWork {
        accesses = Set.copyOf(accesses);
    }

    /**
     * The same with the first strip-down of such an access that is still closed opened and closed by this work, which is then done in what lies round
     * both. Where that would run in a circle, or take something from what a person wants by itself, nothing changes.
     *
     * @param apart strip-downs that a person wants by themselves
     */
    public PlanProblem in(PlanProblem problem, Set<String> apart) {
        return problem.stripDowns().stream()
                .filter(s -> accesses.contains(s.access()) && s.strip().isPresent())
                .filter(s -> !s.jobs().contains(closes) && !apart.contains(s.id()))
                .map(StripDown::id)
                .findFirst()
                .map(id -> byWork(roundBoth(problem, id), id))
                .filter(served -> jobsOf(apart, served).equals(jobsOf(apart, problem)))
                .filter(OpenedByWork::isStraight)
                .orElse(problem);
    }

    /** The same with strip-downs shared once more: what such work keeps open, and what is done in it, are open for others too. */
    public static PlanProblem regrouped(PlanProblem problem, Set<String> apart) {
        Set<ActivityId> jobs = problem.activities().stream()
                .filter(a -> a.kind() == Activity.ActivityKind.JOB)
                .map(Activity::id)
                .collect(Collectors.toSet());
        Set<String> byThemselves = problem.stripDowns().stream()
                .filter(s -> jobs.contains(s.refit()))
                .map(StripDown::id)
                .collect(Collectors.toCollection(HashSet::new));
        byThemselves.addAll(apart);
        return Grouping.of(problem, byThemselves);
    }

    private static Map<String, Set<ActivityId>> jobsOf(Set<String> apart, PlanProblem problem) {
        return problem.stripDowns().stream()
                .filter(s -> apart.contains(s.id()))
                .collect(Collectors.toMap(StripDown::id, s -> Set.copyOf(s.jobs())));
    }

    /** On one pair of stands: of what it lies inside and of what this work is done in, those of one access are made one. */
    private PlanProblem roundBoth(PlanProblem problem, String stripDown) {
        PlanProblem joined = problem;
        for (Optional<List<String>> two = apart(joined, stripDown); two.isPresent(); two = apart(joined, stripDown))
            joined = Joining.join(joined, two.get());
        return joined;
    }

    private Optional<List<String>> apart(PlanProblem problem, String stripDown) {
        Map<String, StripDown> byId = problem.stripDowns().stream().collect(Collectors.toMap(StripDown::id, s -> s));
        List<StripDown> round =
                byId.get(stripDown).inside().stream().map(byId::get).toList();
        return problem.stripDowns().stream()
                .filter(s -> s.jobs().contains(closes)
                        || opens.filter(s.jobs()::contains).isPresent())
                .flatMap(s -> round.stream()
                        .filter(r -> r.access().equals(s.access()) && !r.id().equals(s.id()))
                        .map(r -> List.of(r.id(), s.id())))
                .findFirst();
    }

    private PlanProblem byWork(PlanProblem problem, String stripDown) {
        StripDown s = problem.stripDowns().stream()
                .filter(o -> o.id().equals(stripDown))
                .findFirst()
                .orElseThrow();
        Set<ActivityId> gone = Set.of(s.strip().orElseThrow(), s.refit());
        List<Link> links = problem.links().stream()
                .filter(l -> !gone.contains(l.before()) && !gone.contains(l.after()))
                .toList();
        List<StripDown> stripDowns = problem.stripDowns().stream()
                .map(o -> o.equals(s) ? new StripDown(s.id(), s.access(), opens, closes, s.jobs(), s.inside()) : o)
                .toList();
        return problem.withStripDowns(
                problem.activities().stream()
                        .filter(a -> !gone.contains(a.id()))
                        .toList(),
                links,
                stripDowns,
                problem.exclusions());
    }

    private static boolean isStraight(PlanProblem problem) {
        Set<Precedence.Link<ActivityId>> order = WorkingOrder.of(problem);
        return order.stream().noneMatch(l -> l.before().equals(l.after()))
                && Precedence.circleIn(order).isEmpty();
    }
}
