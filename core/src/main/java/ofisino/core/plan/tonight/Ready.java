package ofisino.core.plan.tonight;

import java.time.Instant;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/**
 * What waits for nothing but somebody's time: no job before it, no part, no send-out, no access that is still to be opened, no day, and no room on
 * the day that begins now.
 */
public final class Ready {
    private static final int SLOTS_OF_A_DAY = 96;

    private Ready() {}

    /** What waits for nothing that is still to be done. */
    public static Set<ActivityId> of(PlanProblem problem) {
        Set<ActivityId> waits = new HashSet<>();
        problem.links().forEach(l -> waits.add(l.after()));
        Set<String> closed = problem.stripDowns().stream()
                .filter(o -> o.strip().isPresent())
                .map(StripDown::id)
                .collect(Collectors.toSet());
        for (StripDown o : problem.stripDowns()) {
            boolean jobsLeft = !o.jobs().isEmpty();
            if (closed.contains(o.id())) waits.addAll(o.jobs());
            if (jobsLeft || closed.contains(o.id())) waits.add(o.refit());
            if (o.inside().stream().anyMatch(closed::contains)) o.strip().ifPresent(waits::add);
            // what lies inside is closed first
            problem.stripDowns().stream()
                    .filter(outer -> o.inside().contains(outer.id()))
                    .forEach(outer -> waits.add(outer.refit()));
        }
        Set<String> full = problem.places().stream()
                .filter(p -> isFull(p, problem.now()))
                .map(Capacity::id)
                .collect(Collectors.toSet());
        return problem.activities().stream()
                .filter(a -> !waits.contains(a.id()))
                .filter(a ->
                        a.timing().notBefore().filter(problem.now()::isBefore).isEmpty())
                .filter(a -> a.timing().fixedStart().isEmpty())
                .filter(a -> a.demand().place().filter(full::contains).isEmpty())
                .map(Activity::id)
                .collect(Collectors.toSet());
    }

    /** All of it is taken by others, or it cannot be used, the whole day from now on. */
    private static boolean isFull(Capacity place, Instant now) {
        for (int slot = 0; slot < SLOTS_OF_A_DAY; slot++) {
            Instant at = now.plus(PlanProblem.SLOT.multipliedBy(slot));
            int taken = place.taken().stream()
                    .filter(t -> !at.isBefore(t.when().from())
                            && at.isBefore(t.when().to()))
                    .mapToInt(Capacity.Taken::units)
                    .sum();
            if (taken < place.units()) return false;
        }
        return true;
    }
}
