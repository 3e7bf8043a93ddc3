package ofisino.core.plan.whatif;

import java.util.ArrayDeque;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;

/** Takes out of a problem what waits for something of which nobody knows a date, with all that comes after it, so that the rest keeps its dates. */
public final class Undated {
    private final PlanProblem problem;
    private final Map<ActivityId, List<ActivityId>> after = new HashMap<>();
    private final Map<ActivityId, PlanProblem.StripDown> stripDownOf = new HashMap<>();

    private Undated(PlanProblem problem) {
        this.problem = problem;
        problem.links().stream()
                .collect(Collectors.groupingBy(
                        PlanProblem.Link::before, Collectors.mapping(PlanProblem.Link::after, Collectors.toList())))
                .forEach(after::put);
        for (PlanProblem.StripDown o : problem.stripDowns()) members(o).forEach(id -> stripDownOf.put(id, o));
    }

    private static Stream<ActivityId> members(PlanProblem.StripDown o) {
        return Stream.concat(Stream.concat(o.strip().stream(), o.jobs().stream()), Stream.of(o.refit()));
    }

    /** @param leftOut has no place in the problem any more */
    public record Rest(PlanProblem problem, Set<ActivityId> leftOut) {}

    /**
     * @param shut    what may not be offered: it goes whatever hangs on it
     * @param unknown what waits for an answer, with the accesses that are opened only for it and for what comes after. Where an access is opened
     *                for other work too, it keeps the soonest place that it could have, since otherwise the access would be closed over it
     */
    public static Rest leaveOut(PlanProblem problem, Set<ActivityId> shut, Set<ActivityId> unknown) {
        if (shut.isEmpty() && unknown.isEmpty()) return new Rest(problem, Set.of());
        return new Undated(problem).leaveOut(shut, unknown);
    }

    private Rest leaveOut(Set<ActivityId> shut, Set<ActivityId> unknown) {
        Set<ActivityId> out = reach(shut, o -> true);
        for (ActivityId waiting : unknown) {
            Set<ActivityId> all = withOwnAccess(waiting);
            if (leavesAccessWhole(all)) out.addAll(all);
        }
        problem.activities().stream()
                .filter(a -> a.timing().fixedStart().isPresent())
                .map(Activity::id)
                .forEach(out::remove);
        Set<ActivityId> orders = problem.activities().stream()
                .filter(a -> a.kind() == Activity.ActivityKind.ORDER && isOnlyFor(a.id(), out))
                .map(Activity::id)
                .collect(Collectors.toSet());
        Predicate<ActivityId> kept = id -> !out.contains(id) && !orders.contains(id);
        return new Rest(without(kept), out);
    }

    private boolean isOnlyFor(ActivityId order, Set<ActivityId> out) {
        List<ActivityId> served = after.getOrDefault(order, List.of());
        return !served.isEmpty() && out.containsAll(served);
    }

    /** The job, all after it, and the accesses that nothing else needs. */
    private Set<ActivityId> withOwnAccess(ActivityId waiting) {
        Set<ActivityId> found = Set.of();
        Set<ActivityId> all = reach(Set.of(waiting), o -> false);
        while (!all.equals(found)) {
            Set<ActivityId> known = all;
            found = known;
            all = reach(known, o -> isOnlyFor(o, known));
        }
        return all;
    }

    private boolean isOnlyFor(PlanProblem.StripDown o, Set<ActivityId> known) {
        return known.containsAll(o.jobs())
                && problem.stripDowns().stream()
                        .filter(inner -> inner.inside().contains(o.id()))
                        .allMatch(inner -> isOnlyFor(inner, known));
    }

    private boolean leavesAccessWhole(Set<ActivityId> all) {
        return problem.stripDowns().stream()
                .map(o -> members(o).collect(Collectors.toSet()))
                .allMatch(members -> all.containsAll(members) || Collections.disjoint(all, members));
    }

    /** Those and all after them; of an access that is still to be opened and that the condition takes, all of it and all inside it. */
    private Set<ActivityId> reach(Set<ActivityId> from, Predicate<PlanProblem.StripDown> withAccess) {
        Set<ActivityId> found = new LinkedHashSet<>();
        Deque<ActivityId> next = new ArrayDeque<>(from);
        while (!next.isEmpty()) {
            ActivityId id = next.remove();
            if (!found.add(id)) continue;
            next.addAll(after.getOrDefault(id, List.of()));
            PlanProblem.StripDown stripDown = stripDownOf.get(id);
            if (stripDown != null && stripDown.strip().isPresent() && withAccess.test(stripDown)) {
                members(stripDown).forEach(next::add);
                problem.stripDowns().stream()
                        .filter(inner -> inner.inside().contains(stripDown.id()))
                        .flatMap(Undated::members)
                        .forEach(next::add);
            }
        }
        return found;
    }

    private PlanProblem without(Predicate<ActivityId> kept) {
        List<Activity> activities =
                problem.activities().stream().filter(a -> kept.test(a.id())).toList();
        List<PlanProblem.StripDown> stripDowns =
                problem.stripDowns().stream().filter(o -> kept.test(o.refit())).toList();
        Set<String> there = Stream.concat(
                        activities.stream().map(a -> a.id().value()),
                        stripDowns.stream().map(PlanProblem.StripDown::id))
                .collect(Collectors.toSet());
        return problem.withStripDowns(
                activities,
                problem.links().stream()
                        .filter(l -> kept.test(l.before()) && kept.test(l.after()))
                        .toList(),
                stripDowns.stream()
                        .map(o -> new PlanProblem.StripDown(
                                o.id(),
                                o.access(),
                                o.strip(),
                                o.refit(),
                                o.jobs().stream().filter(kept).toList(),
                                o.inside().stream().filter(there::contains).toList()))
                        .toList(),
                problem.exclusions().stream()
                        .filter(e -> there.contains(e.activityOrStripDown()))
                        .toList());
    }
}
