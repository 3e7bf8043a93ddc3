package ofisino.core.plan.tonight;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.plan.schedule.Activity;
import ofisino.core.plan.schedule.ActivityId;
import ofisino.core.plan.schedule.PlanProblem;
import ofisino.core.plan.schedule.PlanProblem.Opening;

/** What waits for nothing but somebody's time: no job before it, no part, no send-out, no way in that is still to be opened, no day. */
public final class Ready {
    private Ready() {}

    public static Set<ActivityId> of(PlanProblem problem) {
        Set<ActivityId> waits = new HashSet<>();
        problem.links().forEach(l -> waits.add(l.after()));
        Set<String> closed = problem.openings().stream()
                .filter(o -> o.strip().isPresent())
                .map(Opening::id)
                .collect(Collectors.toSet());
        for (Opening o : problem.openings()) {
            boolean jobsLeft = !o.jobs().isEmpty();
            if (closed.contains(o.id())) waits.addAll(o.jobs());
            if (jobsLeft || closed.contains(o.id())) waits.add(o.refit());
            if (o.inside().stream().anyMatch(closed::contains)) o.strip().ifPresent(waits::add);
            // what lies inside is closed first
            problem.openings().stream()
                    .filter(outer -> o.inside().contains(outer.id()))
                    .forEach(outer -> waits.add(outer.refit()));
        }
        return problem.activities().stream()
                .filter(a -> !waits.contains(a.id()))
                .filter(a ->
                        a.timing().notBefore().filter(problem.now()::isBefore).isEmpty())
                .filter(a -> a.timing().fixedStart().isEmpty())
                .map(Activity::id)
                .collect(Collectors.toSet());
    }
}
