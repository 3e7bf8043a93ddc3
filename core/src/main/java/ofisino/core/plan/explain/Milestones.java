package ofisino.core.plan.explain;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.NeededFor;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.Reason;

/** Reads a finished plan: when a milestone is reached and what holds it. */
public final class Milestones {
    private Milestones() {}

    /**
     * @param finish when everything that the aim needs is complete
     * @param chain  from the last activity back to what nothing but time itself holds
     * @param holder what takes most of the way there: the part or shop that is awaited longest, or else, where one's own work takes longer than
     *               that, the longest work
     */
    public record Milestone(Instant finish, List<ActivityId> chain, ActivityId holder) {}

    /** Empty where nothing is left to do for the aim, or where something that it needs has no place in the plan: then it has no date either. */
    public static Optional<Milestone> milestone(PlanProblem problem, Plan plan, Aim aim) {
        Set<ActivityId> needed = new NeededFor(problem).aim(aim);
        if (!hasPlaces(plan, needed)) return Optional.empty();
        return last(plan, needed).map(last -> {
            List<ActivityId> chain = chain(plan, last.id());
            return new Milestone(last.end(), chain, holder(problem, plan, chain));
        });
    }

    /** Something that the aim needs has no place in the plan. */
    public static boolean isWithoutDate(PlanProblem problem, Plan plan, Aim aim) {
        return !hasPlaces(plan, new NeededFor(problem).aim(aim));
    }

    private static boolean hasPlaces(Plan plan, Set<ActivityId> needed) {
        return plan.activities().keySet().containsAll(needed);
    }

    /** What is complete last of all that is needed. */
    public static Optional<Scheduled> last(Plan plan, Set<ActivityId> needed) {
        return plan.activities().values().stream()
                .filter(s -> needed.contains(s.id()))
                .max(Comparator.comparing(Scheduled::end).thenComparing(Scheduled::start));
    }

    /** From an activity back along the reasons of its start, the first named activity each time; what has no place in the plan ends it. */
    public static List<ActivityId> chain(Plan plan, ActivityId last) {
        Set<ActivityId> chain = new LinkedHashSet<>();
        Optional<ActivityId> next = Optional.of(last);
        while (next.isPresent() && chain.add(next.get())) {
            next = plan.of(next.get())
                    .flatMap(s -> s.reasons().stream()
                            .filter(Reason::namesActivity)
                            .max(Comparator.comparing(Reason::until))
                            .map(limit -> new ActivityId(limit.id()))
                            .filter(id -> plan.of(id).isPresent()));
        }
        return List.copyOf(chain);
    }

    private static ActivityId holder(PlanProblem problem, Plan plan, List<ActivityId> chain) {
        Map<ActivityId, Activity> byId = new HashMap<>();
        for (Activity a : problem.activities()) byId.put(a.id(), a);
        Map<ActivityId, Duration> takes = new LinkedHashMap<>();
        Instant before = problem.now();
        for (int i = chain.size() - 1; i >= 0; i--) {
            Instant done = plan.of(chain.get(i)).orElseThrow().end();
            takes.put(chain.get(i), Duration.between(before, done));
            before = done;
        }
        Duration own = takes.entrySet().stream()
                .filter(e -> !isAwaited(byId.get(e.getKey())))
                .map(Map.Entry::getValue)
                .reduce(Duration.ZERO, Duration::plus);
        return takes.entrySet().stream()
                .filter(e -> isAwaited(byId.get(e.getKey())))
                .max(Map.Entry.comparingByValue())
                .filter(e -> e.getValue().compareTo(own) >= 0)
                .map(Map.Entry::getKey)
                .orElseGet(() -> chain.stream()
                        .max(Comparator.comparingInt(id -> byId.get(id).workSlots()))
                        .orElseThrow());
    }

    private static boolean isAwaited(Activity a) {
        return a.kind() == Activity.ActivityKind.ORDER || a.kind() == Activity.ActivityKind.SENT_OUT;
    }
}
