package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.Seeds;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.Activity.Demand;
import ofisino.core.plan.problem.Activity.Due;
import ofisino.core.plan.problem.Activity.Timing;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome.Planned;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Capacity;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.problem.PlanProblem.Purse;
import ofisino.core.plan.referee.Garages;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.solve.Planner.Budget;
import ofisino.core.plan.whatif.Sharing;
import org.junit.jupiter.api.Test;

/** Two cars, one person, one bay, one purse. */
class SharingTest {
    private static final Instant NOW = Instant.parse("2026-03-02T08:00:00Z"); // a Monday
    private static final Budget SMALL = new Budget(60, 7);

    /** By hand, two hours an evening: the first car paints on Monday and dries in the bay until Thursday, 18:00; the second then has it. */
    @Test
    void theSecondCarHasWhatTheFirstLeaves() {
        var bay = new Demand(Optional.of("bay"), Map.of(), true, true);
        PlanProblem first = problem(job("paint", 8).with(bay).with(Timing.FREE.waiting(Duration.ofHours(70))));
        PlanProblem second = problem(job("weld", 8).with(bay), job("bench", 4));
        Plan plan = plan(Sharing.behind(first, plan(first), second, false));
        assertThat(start(plan, "weld")).isEqualTo(Instant.parse("2026-03-05T18:00:00Z"));
        assertThat(start(plan, "bench")).isEqualTo(Instant.parse("2026-03-03T18:00:00Z"));
    }

    /** Two hours an evening, of which the first car leaves a quarter, then half an hour: that is none for the other. */
    @Test
    void forAQuarterOfAnHourNobodyGoesToTheOtherCar() {
        PlanProblem first =
                problem(job("weld", 7), job("prime", 6).with(Timing.FREE.notSooner(NOW.plus(Duration.ofDays(1)))));
        PlanProblem second = problem(job("bench", 2));
        assertThat(start(plan(Sharing.behind(first, plan(first), second, false)), "bench"))
                .isEqualTo(Instant.parse("2026-03-04T18:00:00Z"));
        PlanProblem less = problem(job("weld", 5));
        assertThat(start(plan(Sharing.behind(less, plan(less), second, false)), "bench"))
                .isEqualTo(Instant.parse("2026-03-02T19:15:00Z"));
    }

    /** A session that a person means to be short stays one. */
    @Test
    void aShortSessionThatTheFirstCarDoesNotNeedIsTheSecondOnes() {
        PlanProblem first = problem();
        PlanProblem second = problem(job("bench", 2))
                .withPeople(List.of(new Person(
                        "ines",
                        List.of(new TimeWindow(
                                NOW, NOW.plus(Sharing.LEAST.dividedBy(3).multipliedBy(2)))))));
        assertThat(start(plan(Sharing.behind(first, plan(first), second, false)), "bench"))
                .isEqualTo(NOW);
    }

    /** 100.00 now, 100.00 on the 10th; the first car spends 80.00 at once, so that 50.00 for the second wait for the 10th; from two purses they do not. */
    @Test
    void whatTheFirstSpendsOfACommonPurseIsGone() {
        PlanProblem first = problem(job("tyres", 4).with(List.of(new Due(8000, Due.When.START))));
        PlanProblem second = problem(job("seals", 4).with(List.of(new Due(5000, Due.When.START))));
        assertThat(start(plan(Sharing.behind(first, plan(first), second, true)), "seals"))
                .isEqualTo(Instant.parse("2026-03-10T18:00:00Z"));
        assertThat(start(plan(Sharing.behind(first, plan(first), second, false)), "seals"))
                .isEqualTo(Instant.parse("2026-03-02T19:00:00Z"));
    }

    /** Whatever two cars are asked for: together they break no rule of people, places and purse. */
    @Property(tries = 150, seed = Seeds.OF_THE_DAY)
    void twoCarsTogetherBreakNoRule(@ForAll @IntRange(max = 100_000) int seed) {
        PlanProblem first = Garages.drawn(new Random(seed));
        Assume.that(Planner.plan(first, SMALL) instanceof Planned);
        PlanProblem drawn = renamed(Garages.drawn(new Random(seed + 1_000_000)));
        PlanProblem second = new PlanProblem(
                first.now(),
                first.horizon(),
                first.zone(),
                first.people(),
                first.places(),
                first.resources(),
                drawn.activities(),
                drawn.links(),
                List.of(),
                List.of(),
                Optional.empty(),
                first.purse(),
                first.policy(),
                Optional.empty(),
                List.of(),
                Optional.empty());
        Plan plan = plan(first);
        Assume.that(Planner.plan(Sharing.behind(first, plan, second, true), SMALL) instanceof Planned);
        Plan other = plan(Sharing.behind(first, plan, second, true));
        List<Activity> all = new ArrayList<>(first.activities());
        all.addAll(second.activities());
        Map<ActivityId, Plan.Scheduled> both = new LinkedHashMap<>(plan.activities());
        both.putAll(other.activities());
        PlanProblem together = first.withActivities(all);
        assertThat(RuleBook.breaches(together, new Plan(both)))
                .filteredOn(b -> !b.contains("laid aside"))
                .isEmpty();
    }

    private static PlanProblem renamed(PlanProblem p) {
        return PlanProblem.simple(
                p.now(),
                p.horizon(),
                p.zone(),
                p.people(),
                p.activities().stream()
                        .filter(a -> a.kind() == Activity.ActivityKind.JOB || a.kind() == Activity.ActivityKind.ORDER)
                        .map(a -> a.named(new ActivityId("second " + a.id())).needing(Set.of()))
                        .toList(),
                List.of());
    }

    private static Activity job(String id, int slots) {
        return Activity.job(id, Aim.RUNNER, slots, new Crew(1, List.of("ines")));
    }

    private static PlanProblem problem(Activity... activities) {
        List<TimeWindow> workSessions = new ArrayList<>();
        for (int d = 0; d < 20; d++)
            workSessions.add(
                    new TimeWindow(NOW.plus(Duration.ofHours(10 + 24L * d)), NOW.plus(Duration.ofHours(12 + 24L * d))));
        return PlanProblem.simple(
                        NOW,
                        NOW.plus(Duration.ofDays(20)),
                        ZoneOffset.UTC,
                        List.of(new Person("ines", workSessions)),
                        List.of(activities),
                        List.of())
                .withPlaces(List.of(new Capacity("bay", 1)))
                .withPurse(new Purse(10_000, 0, List.of(new Purse.Income(LocalDate.of(2026, 3, 10), 10_000))));
    }

    private static Instant start(Plan plan, String id) {
        return plan.of(new ActivityId(id)).orElseThrow().start();
    }

    private static Plan plan(PlanProblem problem) {
        return ((Planned) Planner.plan(problem, SMALL)).plan();
    }
}
