package ofisino.core.plan.grouping;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/** Work that does not need an access open, but is done in it where it is open anyway: an engine is not put back to get its new gaskets then. */
public final class DoneBeforeClosing {
    private final PlanProblem problem;
    private final Precedence<ActivityId> order;
    private final Map<String, Set<String>> excluded;
    private final Map<ActivityId, Aim> aims = new HashMap<>();
    private final List<Link> more = new ArrayList<>();

    private DoneBeforeClosing(PlanProblem problem) {
        this.problem = problem;
        order = new Precedence<>(WorkingOrder.of(problem));
        excluded = problem.exclusions().stream()
                .collect(Collectors.groupingBy(
                        Exclusion::activityOrStripDown, Collectors.mapping(Exclusion::state, Collectors.toSet())));
        problem.activities().forEach(a -> aims.put(a.id(), a.aim()));
    }

    /**
     * The problem in which each such job lies in the first strip-down in which it may: one that is not closed for a sooner aim than that of the job,
     * and in which the vehicle is what the job needs. A job for a sooner aim than the strip-down is only not left until it is closed.
     *
     * @param jobs     by job, the accesses
     * @param accesses by access that is opened and closed so, the accesses
     * @return the very problem where nothing changes
     */
    public static PlanProblem in(
            PlanProblem problem, Map<ActivityId, Set<String>> jobs, Map<String, Set<String>> accesses) {
        if (problem.stripDowns().isEmpty()) return problem;
        var done = new DoneBeforeClosing(problem);
        for (Activity job : problem.activities())
            for (String access : jobs.getOrDefault(job.id(), Set.of())) done.put(job, access);
        for (StripDown inner : problem.stripDowns())
            for (String access : accesses.getOrDefault(inner.access(), Set.of())) done.put(inner, access);
        if (done.more.isEmpty()) return problem;
        done.more.addAll(0, problem.links());
        return problem.withStripDowns(problem.activities(), done.more, problem.stripDowns(), problem.exclusions());
    }

    private void put(Activity job, String access) {
        List<StripDown> its = problem.stripDowns().stream()
                .filter(s -> s.access().equals(access))
                .toList();
        if (its.stream().anyMatch(s -> s.jobs().contains(job.id()))) return;
        its.stream().filter(s -> holds(s, job)).findFirst().ifPresent(s -> {
            // what is wanted sooner does not wait for it to be opened
            if (job.aim() == aims.get(s.refit())) s.strip().ifPresent(strip -> link(strip, job.id()));
            link(job.id(), s.refit());
        });
    }

    /** Opened and closed while the other is open. */
    private void put(StripDown inner, String access) {
        if (inner.strip().isEmpty()) return;
        ActivityId strip = inner.strip().orElseThrow();
        problem.stripDowns().stream()
                .filter(s -> s.access().equals(access)
                        && aims.get(inner.refit()) == aims.get(s.refit())
                        && order.circleClosedBy(inner.refit(), s.refit()).isEmpty()
                        && s.strip()
                                .filter(o -> order.circleClosedBy(o, strip).isPresent())
                                .isEmpty())
                .findFirst()
                .ifPresent(s -> {
                    s.strip().ifPresent(o -> link(o, strip));
                    link(inner.refit(), s.refit());
                });
    }

    private boolean holds(StripDown s, Activity job) {
        return job.aim().compareTo(aims.get(s.refit())) <= 0
                && excluded.getOrDefault(s.id(), Set.of()).stream().noneMatch(job.states()::contains)
                && order.circleClosedBy(job.id(), s.refit()).isEmpty()
                && s.strip()
                        .filter(strip -> order.circleClosedBy(strip, job.id()).isPresent())
                        .isEmpty();
    }

    private void link(ActivityId before, ActivityId after) {
        order.add(new Precedence.Link<>(before, after));
        more.add(Link.of(before.value(), after.value()));
    }
}
