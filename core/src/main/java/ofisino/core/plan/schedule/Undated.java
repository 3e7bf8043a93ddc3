package ofisino.core.plan.schedule;

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

/** Takes out of a problem what waits for something of which nobody knows a date, with all that comes after it, so that the rest keeps its dates. */
public final class Undated {
    private final PlanProblem problem;
    private final Map<ActivityId, List<ActivityId>> after = new HashMap<>();
    private final Map<ActivityId, PlanProblem.Opening> openingOf = new HashMap<>();

    private Undated(PlanProblem problem) {
        this.problem = problem;
        problem.links().stream()
                .collect(Collectors.groupingBy(
                        PlanProblem.Link::before, Collectors.mapping(PlanProblem.Link::after, Collectors.toList())))
                .forEach(after::put);
        for (PlanProblem.Opening o : problem.openings()) members(o).forEach(id -> openingOf.put(id, o));
    }

    private static Stream<ActivityId> members(PlanProblem.Opening o) {
        return Stream.concat(Stream.concat(o.strip().stream(), o.jobs().stream()), Stream.of(o.refit()));
    }

    /** @param leftOut has no place in the problem any more */
    public record Rest(PlanProblem problem, Set<ActivityId> leftOut) {}

    /**
     * @param shut    what may not be offered: it goes whatever hangs on it
     * @param unknown what waits for an answer, with the ways in that are opened only for it and for what comes after. Where a way in is opened
     *                for other work too, it keeps the soonest place that it could have, since otherwise the way in would be closed over it
     */
    public static Rest leaveOut(PlanProblem problem, Set<ActivityId> shut, Set<ActivityId> unknown) {
        if (shut.isEmpty() && unknown.isEmpty()) return new Rest(problem, Set.of());
        return new Undated(problem).leaveOut(shut, unknown);
    }

    private Rest leaveOut(Set<ActivityId> shut, Set<ActivityId> unknown) {
        Set<ActivityId> out = reach(shut, o -> true);
        for (ActivityId waiting : unknown) {
            Set<ActivityId> all = withOwnWaysIn(waiting);
            if (leavesWaysInWhole(all)) out.addAll(all);
        }
        problem.activities().stream()
                .filter(a -> a.timing().fixedStart().isPresent())
                .map(Activity::id)
                .forEach(out::remove);
        Set<ActivityId> orders = problem.activities().stream()
                .filter(a -> a.kind() == Activity.Kind.ORDER && isOnlyFor(a.id(), out))
                .map(Activity::id)
                .collect(Collectors.toSet());
        Predicate<ActivityId> stays = id -> !out.contains(id) && !orders.contains(id);
        return new Rest(without(stays), out);
    }

    private boolean isOnlyFor(ActivityId order, Set<ActivityId> out) {
        List<ActivityId> served = after.getOrDefault(order, List.of());
        return !served.isEmpty() && out.containsAll(served);
    }

    /** The job, all after it, and the ways in that nothing else needs. */
    private Set<ActivityId> withOwnWaysIn(ActivityId waiting) {
        Set<ActivityId> found = Set.of();
        Set<ActivityId> all = reach(Set.of(waiting), o -> false);
        while (!all.equals(found)) {
            Set<ActivityId> known = all;
            found = known;
            all = reach(known, o -> isOnlyFor(o, known));
        }
        return all;
    }

    private boolean isOnlyFor(PlanProblem.Opening o, Set<ActivityId> known) {
        return known.containsAll(o.jobs())
                && problem.openings().stream()
                        .filter(inner -> inner.inside().contains(o.id()))
                        .allMatch(inner -> isOnlyFor(inner, known));
    }

    private boolean leavesWaysInWhole(Set<ActivityId> all) {
        return problem.openings().stream()
                .map(o -> members(o).collect(Collectors.toSet()))
                .allMatch(members -> all.containsAll(members) || Collections.disjoint(all, members));
    }

    /** Those and all after them; of a way in that is still to be opened and that the condition takes, all of it and all inside it. */
    private Set<ActivityId> reach(Set<ActivityId> from, Predicate<PlanProblem.Opening> withWayIn) {
        Set<ActivityId> found = new LinkedHashSet<>();
        Deque<ActivityId> next = new ArrayDeque<>(from);
        while (!next.isEmpty()) {
            ActivityId id = next.remove();
            if (!found.add(id)) continue;
            next.addAll(after.getOrDefault(id, List.of()));
            PlanProblem.Opening opening = openingOf.get(id);
            if (opening != null && opening.strip().isPresent() && withWayIn.test(opening)) {
                members(opening).forEach(next::add);
                problem.openings().stream()
                        .filter(inner -> inner.inside().contains(opening.id()))
                        .flatMap(Undated::members)
                        .forEach(next::add);
            }
        }
        return found;
    }

    private PlanProblem without(Predicate<ActivityId> stays) {
        List<Activity> activities =
                problem.activities().stream().filter(a -> stays.test(a.id())).toList();
        List<PlanProblem.Opening> openings =
                problem.openings().stream().filter(o -> stays.test(o.refit())).toList();
        Set<String> there = Stream.concat(
                        activities.stream().map(a -> a.id().value()),
                        openings.stream().map(PlanProblem.Opening::id))
                .collect(Collectors.toSet());
        return problem.withOpenings(
                activities,
                problem.links().stream()
                        .filter(l -> stays.test(l.before()) && stays.test(l.after()))
                        .toList(),
                openings.stream()
                        .map(o -> new PlanProblem.Opening(
                                o.id(),
                                o.wayIn(),
                                o.strip(),
                                o.refit(),
                                o.jobs().stream().filter(stays).toList(),
                                o.inside().stream().filter(there::contains).toList()))
                        .toList(),
                problem.exclusions().stream()
                        .filter(e -> there.contains(e.activityOrOpening()))
                        .toList());
    }
}
