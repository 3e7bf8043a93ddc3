package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** What is begun is finished before something else begins, unless that costs a milestone more than a week. Four hours of work every day. */
class InHandTest {
    private static final Instant NOW = Instant.parse("2026-03-02T17:00:00Z");
    private static final int SLOTS_A_DAY = 16;
    private static final Activity.Crew INES = new Activity.Crew(1, List.of("ines"));

    /** By hand: the paint of the door dries for three days, so whoever wants all of it soon paints first and welds the sill meanwhile. */
    @Test
    void theSillThatIsBegunIsWeldedBeforeTheDoorIsPainted() {
        assertThat(start(3, List.of(), "sill")).isAfter(start(3, List.of(), "door"));
        assertThat(start(3, List.of(Set.of(new ActivityId("sill"))), "sill"))
                .isBefore(start(3, List.of(Set.of(new ActivityId("sill"))), "door"));
    }

    /** By hand: the door is away for three weeks and the sill takes eight days of it: that long nobody waits. */
    @Test
    void butNotWhereAMilestoneWouldBeLaterByMoreThanAWeek() {
        assertThat(start(21, List.of(Set.of(new ActivityId("sill"))), "door"))
                .isBefore(start(21, List.of(Set.of(new ActivityId("sill"))), "sill"));
    }

    private static Instant start(int daysAway, List<Set<ActivityId>> inHand, String of) {
        List<Activity> activities = new ArrayList<>();
        activities.add(work("door", SLOTS_A_DAY).with(Activity.Timing.FREE.waiting(Duration.ofDays(daysAway))));
        activities.add(work("hang", 2));
        activities.add(work("sill", (daysAway > 7 ? 8 : 2) * SLOTS_A_DAY));
        List<TimeWindow> evenings = IntStream.range(0, 60)
                .mapToObj(day -> NOW.plus(Duration.ofDays(day)))
                .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(4))))
                .toList();
        var problem = new PlanProblem(
                NOW,
                NOW.plus(Duration.ofDays(60)),
                ZoneOffset.UTC,
                List.of(new Person("ines", evenings)),
                List.of(),
                List.of(),
                activities,
                List.of(Link.of("door", "hang")),
                List.of(),
                List.of(),
                Optional.empty(),
                List.of(Aim.RUNNER),
                Optional.empty(),
                inHand,
                Optional.empty());
        Plan plan = ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(60, 1))).plan();
        return plan.of(new ActivityId(of)).orElseThrow().start();
    }

    private static Activity work(String id, int slots) {
        return Activity.job(id, Aim.RUNNER, slots, INES);
    }
}
