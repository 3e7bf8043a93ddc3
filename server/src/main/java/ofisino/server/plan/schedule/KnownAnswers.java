package ofisino.server.plan.schedule;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.explain.Milestones;
import ofisino.core.plan.grouping.Grouping;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.solve.Slack;
import ofisino.server.plan.Plans.Milestone;
import org.jspecify.annotations.Nullable;

/** Plans that were made lately, by the whole question: whatever changes, asks another one, and so never gets an old answer. */
final class KnownAnswers {
    /** Activities times schedules for one answer, so that a large plan takes no longer than a small one; see docs/performance.md. */
    private static final int EFFORT = 40_000;

    private static final int FEWEST = 30;
    private static final int ENOUGH = 300;

    private static final int MOST = 24;

    private final Map<PlanProblem, Answer> known = lately();
    private final Map<Asked, PlanProblem> grouped = lately();

    private record Asked(PlanProblem stated, Set<String> apart) {}

    private static <K, V> Map<K, V> lately() {
        return Collections.synchronizedMap(new LinkedHashMap<>(MOST, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > MOST;
            }
        });
    }

    /** What was worked out of one problem; the rest when it is asked for. */
    static final class Answer {
        private final PlanProblem problem;
        private final PlanOutcome outcome;
        private final Plan plan;
        private @Nullable List<Milestone> milestones;
        private @Nullable Map<ActivityId, Instant> latestStarts;

        Answer(PlanProblem problem, PlanOutcome outcome) {
            this.problem = problem;
            this.outcome = outcome;
            this.plan = outcome.plan();
        }

        PlanOutcome outcome() {
            return outcome;
        }

        /** As far as there is one. */
        Plan plan() {
            return plan;
        }

        synchronized List<Milestone> milestones() {
            if (milestones == null) {
                List<Milestone> found = new ArrayList<>();
                for (Aim aim : Aim.values())
                    Milestones.milestone(problem, plan, aim)
                            .ifPresent(reached -> found.add(new Milestone(aim, reached)));
                milestones = found;
            }
            return milestones;
        }

        /** Empty while not everything has a date. */
        synchronized Map<ActivityId, Instant> latestStarts() {
            if (latestStarts == null)
                latestStarts = outcome instanceof PlanOutcome.Planned ? Slack.latestStarts(problem, plan) : Map.of();
            return latestStarts;
        }
    }

    /** The problem with its strip-downs shared as is best. @param apart strip-downs that a person wants by themselves */
    PlanProblem grouped(PlanProblem stated, Set<String> apart) {
        var asked = new Asked(stated, apart);
        PlanProblem found = grouped.get(asked);
        if (found != null) return found;
        PlanProblem made = Grouping.of(stated, apart);
        grouped.put(asked, made);
        return made;
    }

    Answer of(PlanProblem problem) {
        Answer answer = known.get(problem);
        if (answer != null) return answer;
        var made = new Answer(problem, Planner.plan(problem, budget(problem)));
        known.put(problem, made);
        return made;
    }

    private static Planner.Budget budget(PlanProblem problem) {
        int schedules = EFFORT / Math.max(1, problem.activities().size());
        return new Planner.Budget(Math.max(FEWEST, Math.min(ENOUGH, schedules)), 1);
    }
}
