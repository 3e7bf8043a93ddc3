package ofisino.core.plan.explain;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;

/** On which days each hired tool is used if a plan is kept. */
public final class HiredDays {
    private HiredDays() {}

    /** By resource, in the order of the problem; of a tool that no work with a date needs, no days. */
    public static Map<String, SortedSet<LocalDate>> of(PlanProblem problem, Plan plan) {
        Map<String, SortedSet<LocalDate>> found = new LinkedHashMap<>();
        for (Capacity c : problem.resources()) if (c.byTheDay()) found.put(c.id(), new TreeSet<>());
        if (found.isEmpty()) return found;
        for (Activity a : problem.activities())
            for (String resource : a.demand().resources().keySet())
                if (found.containsKey(resource))
                    plan.of(a.id())
                            .ifPresent(s -> s.stretches()
                                    .forEach(stretch -> found.get(resource)
                                            .add(stretch.from()
                                                    .atZone(problem.zone())
                                                    .toLocalDate())));
        return found;
    }
}
