package ofisino.core.plan.schedule;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.kernel.Aim;

/**
 * Puts activities into an order in which the serial pass may place them: none before what it follows.
 * Among those whose turn it may be: what is begun goes on first; then what the nearest milestone needs; then what has the longest
 * way to the end behind it; then the order given.
 */
final class PriorityList {
    private final PlanProblem problem;
    private final Map<ActivityId, Activity> byId = new LinkedHashMap<>();
    private final Map<ActivityId, List<ActivityId>> after = new HashMap<>();
    private final Map<ActivityId, List<ActivityId>> before = new HashMap<>();
    private final Map<ActivityId, Aim> neededFor = new HashMap<>();
    private final Map<ActivityId, Long> tail = new HashMap<>();

    PriorityList(PlanProblem problem) {
        this.problem = problem;
        for (Activity a : problem.activities()) byId.put(a.id(), a);
        for (PlanProblem.Link link : problem.links()) {
            after.computeIfAbsent(link.before(), x -> new ArrayList<>()).add(link.after());
            before.computeIfAbsent(link.after(), x -> new ArrayList<>()).add(link.before());
        }
    }

    /** Links form no circle: the caller has checked that. O(activities² + links). */
    List<Activity> order() {
        for (Activity a : problem.activities()) measure(a.id());
        Comparator<Activity> first = Comparator.comparing((Activity a) -> !a.begun())
                .thenComparing(a -> neededFor.get(a.id()))
                .thenComparing(a -> -tail.get(a.id()));
        List<Activity> open = new ArrayList<>(problem.activities());
        List<Activity> listed = new ArrayList<>();
        java.util.Set<ActivityId> done = new java.util.HashSet<>();
        while (!open.isEmpty()) {
            Activity next = open.stream()
                    .filter(a -> done.containsAll(before.getOrDefault(a.id(), List.of())))
                    .min(first)
                    .orElseThrow();
            open.remove(next);
            done.add(next.id());
            listed.add(next);
        }
        return listed;
    }

    private long measure(ActivityId id) {
        Long known = tail.get(id);
        if (known != null) return known;
        Activity activity = byId.get(id);
        long longest = 0;
        Aim nearest = activity.aim();
        for (ActivityId follower : after.getOrDefault(id, List.of())) {
            longest = Math.max(longest, measure(follower));
            if (neededFor.get(follower).compareTo(nearest) < 0) nearest = neededFor.get(follower);
        }
        Duration own = SlotAxis.SLOT
                .multipliedBy(activity.workSlots())
                .plus(activity.timing().waitAfter());
        neededFor.put(id, nearest);
        tail.put(id, longest + own.toMinutes());
        return longest + own.toMinutes();
    }
}
