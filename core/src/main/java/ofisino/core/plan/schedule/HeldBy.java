package ofisino.core.plan.schedule;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.schedule.Plan.Scheduled;

/** Reads a finished plan: when a milestone is reached and what holds it. */
public final class HeldBy {
    private HeldBy() {}

    /**
     * @param finish when everything that the aim needs is complete
     * @param chain  from the last activity back to what nothing but time itself holds
     * @param holder the link of the chain that one can do most about: the last awaited part, or else the longest work
     */
    public record Milestone(Instant finish, List<ActivityId> chain, ActivityId holder) {}

    /** Empty where nothing is left to do for the aim. */
    public static Optional<Milestone> milestone(PlanProblem problem, Plan plan, Aim aim) {
        Set<ActivityId> needed = neededFor(problem, aim);
        return plan.activities().values().stream()
                .filter(s -> needed.contains(s.id()))
                .max(Comparator.comparing(Scheduled::end).thenComparing(Scheduled::start))
                .map(last -> {
                    List<ActivityId> chain = chain(plan, last.id());
                    return new Milestone(last.end(), chain, holder(problem.activities(), chain));
                });
    }

    /** The activities of an aim, all that they depend on, and the closing of what was opened for them. */
    public static Set<ActivityId> neededFor(PlanProblem problem, Aim aim) {
        Map<ActivityId, List<ActivityId>> alsoNeeded = new HashMap<>();
        for (PlanProblem.Link link : problem.links()) also(alsoNeeded, link.after(), link.before());
        Map<String, PlanProblem.StripDown> stripDowns = new HashMap<>();
        for (PlanProblem.StripDown o : problem.stripDowns()) stripDowns.put(o.id(), o);
        for (PlanProblem.StripDown o : problem.stripDowns()) {
            for (ActivityId job : o.jobs()) also(alsoNeeded, job, o.refit());
            o.strip().ifPresent(s -> also(alsoNeeded, o.refit(), s));
            o.strip().ifPresent(s -> also(alsoNeeded, s, o.refit()));
            for (String outer : o.inside())
                also(alsoNeeded, o.refit(), stripDowns.get(outer).refit());
        }
        Set<ActivityId> found = new LinkedHashSet<>();
        List<ActivityId> open = new ArrayList<>(problem.activities().stream()
                .filter(a -> aim.needs(a.aim()))
                .map(Activity::id)
                .toList());
        while (!open.isEmpty()) {
            ActivityId id = open.remove(open.size() - 1);
            if (found.add(id)) open.addAll(alsoNeeded.getOrDefault(id, List.of()));
        }
        return found;
    }

    private static void also(Map<ActivityId, List<ActivityId>> needed, ActivityId by, ActivityId what) {
        needed.computeIfAbsent(by, x -> new ArrayList<>()).add(what);
    }

    /** From an activity back along the reasons of its start, the first named activity each time. */
    public static List<ActivityId> chain(Plan plan, ActivityId last) {
        Set<ActivityId> chain = new LinkedHashSet<>();
        Optional<ActivityId> next = Optional.of(last);
        while (next.isPresent() && chain.add(next.get())) {
            next = plan.of(next.get())
                    .flatMap(s -> s.reasons().stream()
                            .filter(Limit::namesActivity)
                            .max(Comparator.comparing(Limit::until))
                            .map(limit -> new ActivityId(limit.id())));
        }
        return List.copyOf(chain);
    }

    private static ActivityId holder(Collection<Activity> activities, List<ActivityId> chain) {
        Map<ActivityId, Activity> byId = new HashMap<>();
        for (Activity a : activities) byId.put(a.id(), a);
        return chain.stream()
                .filter(id -> byId.get(id).kind() == Activity.Kind.ORDER
                        || byId.get(id).kind() == Activity.Kind.SENT_OUT)
                .findFirst()
                .orElseGet(() -> chain.stream()
                        .max(Comparator.comparingInt(id -> byId.get(id).workSlots()))
                        .orElseThrow());
    }
}
