package ofisino.core.plan.whatif;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.Plan.Scheduled;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.Reason;
import ofisino.core.plan.sentout.DaysAway;

/** What one could do to be done sooner, each as a problem to be planned and compared: more hours, a borrowed bay, somebody else who does it. */
public final class Sooner {
    private Sooner() {}

    /** What could be had more of. */
    public enum SoonerKind {
        /** One more evening a week. */
        WORK_SESSION,
        /** Each evening half an hour longer. */
        HALF_AN_HOUR,
        /** Room for one more in a place. */
        PLACE
    }

    /** @param id of the place; empty for the others */
    public record Proposal(SoonerKind kind, String id, PlanProblem problem) {}

    /** More hours always; a borrowed bay for each place of which the plan says that something waits for it. */
    public static List<Proposal> of(PlanProblem problem, Plan plan) {
        List<Proposal> found = new ArrayList<>();
        found.add(new Proposal(SoonerKind.WORK_SESSION, "", Easing.moreWorkSessions(problem, 1)));
        found.add(new Proposal(SoonerKind.HALF_AN_HOUR, "", Easing.longer(problem, 2)));
        Set<String> full = new LinkedHashSet<>();
        for (Scheduled s : plan.activities().values())
            for (Reason l : s.reasons()) if (l.kind() == Reason.ReasonKind.PLACE_FULL) full.add(l.id());
        for (String place : full) found.add(new Proposal(SoonerKind.PLACE, place, Easing.roomier(problem, place)));
        return found;
    }

    /**
     * Somebody else does a job: it takes none of one's own hours, and some days.
     *
     * @param costMinor due when it is back
     * @throws InvalidValue when it is no job, or has been begun
     */
    public static PlanProblem sentOut(PlanProblem problem, ActivityId job, DaysAway away, long costMinor) {
        if (costMinor < 0)
            throw InvalidValue.at(
                    "costMinor", "sent-out.cost", "The price cannot be negative.", "Enter 0 if you do not know.");
        if (problem.activities().stream()
                .noneMatch(a -> a.id().equals(job) && a.kind() == Activity.ActivityKind.JOB && !a.begun()))
            throw InvalidValue.of(
                    "plan.send-out",
                    "Only a job that has not begun can be given to somebody else.",
                    "Load the page again.");
        return problem.withActivities(problem.activities().stream()
                .map(a -> a.id().equals(job) ? byOthers(a, away, costMinor) : a)
                .toList());
    }

    /** The same done by somebody else: days instead of hours of one's own, and a price when it is back. */
    public static Activity byOthers(Activity a, DaysAway away, long costMinor) {
        List<Activity.Due> dues = new ArrayList<>(a.dues());
        if (costMinor > 0) dues.add(new Activity.Due(costMinor, Activity.Due.When.FINISH));
        return new Activity(
                a.id(),
                Activity.ActivityKind.SENT_OUT,
                a.aim(),
                0,
                Activity.Crew.NOBODY,
                new Activity.Timing(
                        Duration.ofDays(away.days()),
                        false,
                        a.timing().notBefore(),
                        a.timing().fixedStart(),
                        a.timing().deadline(),
                        List.of()),
                Activity.Demand.NONE,
                dues,
                a.states(),
                a.begun());
    }
}
