package ofisino.core.plan.problem;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/** Checks that every name that a statement uses is defined in it, once. */
final class ProblemNames {
    private ProblemNames() {}

    static void check(
            List<Activity> activities, List<Link> links, List<StripDown> stripDowns, List<Exclusion> exclusions) {
        Set<ActivityId> known = new HashSet<>();
        for (Activity activity : activities)
            if (!known.add(activity.id()))
                throw InvalidValue.of(
                        "plan.twice", "The plan has “%s” twice.", "Leave one of them out.", activity.id());
        for (Link link : links)
            if (!known.contains(link.before()) || !known.contains(link.after()))
                throw InvalidValue.of(
                        "plan.link",
                        "A link joins %s and %s, of which one is not in the plan.",
                        "Add it, or leave the link out.",
                        link.before(),
                        link.after());
        Set<String> ids = stripDowns.stream().map(StripDown::id).collect(Collectors.toSet());
        require(ids.size() == stripDowns.size(), "strip-down", "twice the same");
        for (StripDown o : stripDowns) {
            require(o.strip().filter(s -> !known.contains(s)).isEmpty(), "activity", o.id());
            require(known.contains(o.refit()) && known.containsAll(o.jobs()), "activity", o.id());
            require(ids.containsAll(o.inside()), "strip-down", o.id());
        }
        for (Exclusion e : exclusions)
            require(
                    ids.contains(e.activityOrStripDown()) || known.contains(new ActivityId(e.activityOrStripDown())),
                    "strip-down or activity",
                    e.activityOrStripDown());
    }

    /** People, places and resources, which may be stated after the activities. */
    static void checkDemands(PlanProblem problem) {
        Set<String> names = problem.people().stream().map(Person::id).collect(Collectors.toSet());
        Set<String> rooms = problem.places().stream().map(Capacity::id).collect(Collectors.toSet());
        Set<String> things = problem.resources().stream().map(Capacity::id).collect(Collectors.toSet());
        for (Activity a : problem.activities()) {
            require(names.containsAll(a.crew().candidates()), "person", a.id().value());
            require(a.demand().place().filter(p -> !rooms.contains(p)).isEmpty(), "place", a.id().value());
            require(things.containsAll(a.demand().resources().keySet()), "resource", a.id().value());
            if (a.workSlots() == 0 && !a.demand().equals(Activity.Demand.NONE))
                throw InvalidValue.of(
                        "plan.place-without-work", "“%s” takes a place but no work.", "Give it some.", a.id());
        }
    }

    private static void require(boolean known, String kind, String user) {
        if (!known)
            throw InvalidValue.of(
                    "plan.name", "“%s” uses a %s that is not in the plan.", "Add it to the plan first.", user, kind);
    }
}
