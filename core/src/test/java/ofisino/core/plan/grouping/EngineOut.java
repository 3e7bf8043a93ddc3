package ofisino.core.plan.grouping;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.Activities;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Exclusion;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/** An engine that comes out for its bearings: out, bearings, in; and what else is to be done. */
final class EngineOut {
    static final Crew INES = new Crew(1, List.of("ines"));
    private static final Instant MONDAY = Instant.parse("2026-03-02T00:00:00Z");

    private EngineOut() {}

    static ActivityId id(String name) {
        return new ActivityId(name);
    }

    /** @param isOut already @param aim of taking it out, bearings and putting it in */
    static PlanProblem of(boolean isOut, Aim aim, List<Activity> more, List<Link> links) {
        List<Activity> work = new ArrayList<>(more);
        for (String job : isOut ? List.of("bearings", "in") : List.of("out", "bearings", "in"))
            work.add(Activity.job(job, aim, 4, INES));
        return PlanProblem.simple(
                        MONDAY,
                        MONDAY.plus(Duration.ofDays(90)),
                        ZoneOffset.UTC,
                        List.of(new Person("ines", Activities.sessions(MONDAY, 7, 12, 4))),
                        work,
                        links)
                .withStripDowns(
                        List.of(new StripDown(
                                "engine",
                                "engine-out",
                                isOut ? Optional.empty() : Optional.of(id("out")),
                                id("in"),
                                List.of(id("bearings")),
                                List.of())),
                        List.of(new Exclusion("engine", "RUNNING")));
    }
}
