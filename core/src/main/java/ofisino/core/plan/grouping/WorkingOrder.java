package ofisino.core.plan.grouping;

import java.util.LinkedHashSet;
import java.util.Set;
import java.util.stream.Stream;
import ofisino.core.plan.job.Precedence.Link;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/** Who comes before whom in a problem: what is opened before what is done in it, that before it is closed; what lies inside something else within that. */
final class WorkingOrder {
    private WorkingOrder() {}

    /** The links given, and those that strip-downs bring with them. */
    static Set<Link<ActivityId>> of(PlanProblem problem) {
        Set<Link<ActivityId>> order = new LinkedHashSet<>();
        problem.links().forEach(l -> order.add(new Link<>(l.before(), l.after())));
        for (StripDown s : problem.stripDowns()) {
            Stream.concat(s.jobs().stream(), Stream.of(s.refit()))
                    .forEach(j -> s.strip().ifPresent(o -> order.add(new Link<>(o, j))));
            s.jobs().forEach(j -> order.add(new Link<>(j, s.refit())));
            for (StripDown outer : problem.stripDowns())
                if (s.inside().contains(outer.id())) {
                    order.add(new Link<>(s.refit(), outer.refit()));
                    s.strip().ifPresent(o -> outer.strip().ifPresent(first -> order.add(new Link<>(first, o))));
                }
        }
        return order;
    }
}
