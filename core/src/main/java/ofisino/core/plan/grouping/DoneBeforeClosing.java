package ofisino.core.plan.grouping;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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

    /** A job, or an access that is opened and closed. @param first what begins it @param last what ends it */
    private record Piece(ActivityId first, ActivityId last, Aim aim, Set<String> states) {}

    /**
     * The problem in which each of these lies in the first strip-down in which it may: one that is not closed for a sooner aim than its own, and in
     * which the vehicle is what it needs. What is for a sooner aim than the strip-down does not wait for it to be opened; it is only not left until it
     * is closed.
     *
     * @param before by job, and by the activity that closes an access, the accesses that are not closed before
     * @return the very problem where nothing changes
     */
    public static PlanProblem in(PlanProblem problem, Map<ActivityId, Set<String>> before) {
        if (problem.stripDowns().isEmpty()) return problem;
        var done = new DoneBeforeClosing(problem);
        for (Activity a : problem.activities())
            for (String access : before.getOrDefault(a.id(), Set.of())) {
                Piece piece = done.piece(a);
                done.stays(piece, access).stream().findFirst().ifPresent(s -> done.put(piece, s));
            }
        return done.stated();
    }

    /**
     * The problem in which one of these lies in a strip-down in which it may, for each of them: where the first of them leaves something without a
     * place, another one may not.
     */
    public static List<PlanProblem> ways(PlanProblem problem, ActivityId last, String access) {
        return problem.activities().stream()
                .filter(a -> a.id().equals(last))
                .flatMap(a -> {
                    var any = new DoneBeforeClosing(problem);
                    Piece piece = any.piece(a);
                    return any.stays(piece, access).stream().map(s -> {
                        var done = new DoneBeforeClosing(problem);
                        done.put(piece, s);
                        return done.stated();
                    });
                })
                .toList();
    }

    private PlanProblem stated() {
        if (more.isEmpty()) return problem;
        List<Link> links = new ArrayList<>(problem.links());
        links.addAll(more);
        return problem.withStripDowns(problem.activities(), links, problem.stripDowns(), problem.exclusions());
    }

    private Piece piece(Activity last) {
        ActivityId first = problem.stripDowns().stream()
                .filter(s -> s.refit().equals(last.id()))
                .flatMap(s -> s.strip().stream())
                .findFirst()
                .orElse(last.id());
        return new Piece(first, last.id(), last.aim(), last.states());
    }

    /** In which it may lie; none where it is in one anyway. */
    private List<StripDown> stays(Piece piece, String access) {
        List<StripDown> its = problem.stripDowns().stream()
                .filter(s -> s.access().equals(access))
                .toList();
        boolean isInside = its.stream().anyMatch(s -> s.jobs().contains(piece.last()));
        return isInside ? List.of() : its.stream().filter(s -> holds(s, piece)).toList();
    }

    private void put(Piece piece, StripDown s) {
        opening(s, piece).ifPresent(strip -> link(strip, piece.first()));
        link(piece.last(), s.refit());
    }

    /** What is wanted sooner does not wait for it. */
    private Optional<ActivityId> opening(StripDown s, Piece piece) {
        return piece.aim() == aims.get(s.refit()) ? s.strip() : Optional.empty();
    }

    private boolean holds(StripDown s, Piece piece) {
        return piece.aim().compareTo(aims.get(s.refit())) <= 0
                && excluded.getOrDefault(s.id(), Set.of()).stream().noneMatch(piece.states()::contains)
                && order.circleClosedBy(piece.last(), s.refit()).isEmpty()
                && opening(s, piece)
                        .flatMap(strip -> order.circleClosedBy(strip, piece.first()))
                        .isEmpty();
    }

    private void link(ActivityId before, ActivityId after) {
        order.add(new Precedence.Link<>(before, after));
        more.add(Link.of(before.value(), after.value()));
    }
}
