package ofisino.core.plan.whatif;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Person;

/** Several cars in one garage: what the plan of the one that goes first leaves to the next, of evenings, places and a common purse. */
public final class Sharing {
    /** For less of a session nobody clears away at one car and sets up at another. Common practice, no source. */
    public static final Duration LEAST = Duration.ofMinutes(45);

    private Sharing() {}

    /** @param commonPurse both spend from one purse */
    public static PlanProblem behind(PlanProblem first, Plan plan, PlanProblem mine, boolean commonPurse) {
        Map<String, List<Capacity.Taken>> taken = takenBy(first, plan);
        PlanProblem left = mine.withPeople(mine.people().stream()
                        .map(p -> new Person(p.id(), left(p.windows(), workOf(plan, p.id()))))
                        .toList())
                .withPlaces(mine.places().stream()
                        .map(c -> c.less(taken.getOrDefault(c.id(), List.of())))
                        .toList());
        return commonPurse
                ? mine.purse().map(p -> left.withPurse(p.less(first, plan))).orElse(left)
                : left;
    }

    private static List<TimeWindow> left(List<TimeWindow> sessions, List<TimeWindow> worked) {
        return TimeWindow.without(sessions, worked).stream()
                .filter(w -> Duration.between(w.from(), w.to()).compareTo(LEAST) >= 0 || sessions.contains(w))
                .toList();
    }

    private static List<TimeWindow> workOf(Plan plan, String person) {
        return plan.activities().values().stream()
                .filter(s -> s.people().contains(person))
                .flatMap(s -> s.stretches().stream())
                .toList();
    }

    private static Map<String, List<Capacity.Taken>> takenBy(PlanProblem first, Plan plan) {
        Map<String, List<Capacity.Taken>> found = new HashMap<>();
        for (Activity a : first.activities())
            a.demand()
                    .place()
                    .ifPresent(place -> plan.of(a.id())
                            .ifPresent(s -> found.computeIfAbsent(place, p -> new ArrayList<>())
                                    .addAll(holds(a.demand(), s).stream()
                                            .map(w -> new Capacity.Taken(w, 1))
                                            .toList())));
        return found;
    }

    private static List<TimeWindow> holds(Activity.Demand demand, Scheduled s) {
        Instant lastWork = s.stretches().get(s.stretches().size() - 1).to();
        List<TimeWindow> found = new ArrayList<>(
                demand.holdsPlaceWhileBegun() ? List.of(new TimeWindow(s.start(), lastWork)) : s.stretches());
        if (demand.holdsPlaceWhileWaiting()) found.add(new TimeWindow(lastWork, s.end()));
        return found;
    }
}
