package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** Work for many hands out of a large group: a club that lifts a body off. Not every choice can be tried; what is found is right. */
class LargeCrewTest {
    private static final Instant NOW = Instant.parse("2026-03-02T18:00:00Z");
    private static final Planner.Budget BUDGET = new Planner.Budget(30, 1);

    /** By hand: of 20 each comes on one evening alone, but ten meet on the fourth; 184 756 choices, and theirs is the one. */
    @Test
    void tenOfTwentyAreThoseWhoMeet() {
        List<PlanProblem.Person> people = IntStream.range(0, 20)
                .mapToObj(p -> p % 2 == 0 ? person(p, List.of(p % 3, 3)) : person(p, List.of(p % 3)))
                .toList();
        Plan plan = planned(people, lift(10, 4));
        Plan.Scheduled lift = plan.of(new ActivityId("lift")).orElseThrow();
        assertThat(lift.start()).isEqualTo(NOW.plus(Duration.ofDays(3)));
        assertThat(lift.people())
                .containsExactlyElementsOf(
                        IntStream.range(0, 10).mapToObj(p -> "p" + 2 * p).toList());
    }

    @Test
    void nobodyIsMadeUpWhereTooFewMeet() {
        List<PlanProblem.Person> people =
                IntStream.range(0, 20).mapToObj(p -> person(p, List.of(p % 4))).toList();
        assertThat(Planner.plan(problem(people, List.of(lift(10, 4))), BUDGET))
                .isInstanceOf(PlanOutcome.Infeasible.class);
    }

    /** By hand: two lifts for three at once, and nine of the same evening: whoever lifts the one does not lift the other. */
    @Test
    void anotherCrewStandsInForWhoIsBusy() {
        List<PlanProblem.Person> nine =
                IntStream.range(0, 9).mapToObj(p -> person(p, List.of(0))).toList();
        List<Activity> lifts = List.of(lift("body", 3, 8), lift("engine", 3, 8), lift("axle", 3, 8));
        Plan plan = ((PlanOutcome.Planned) Planner.plan(problem(nine, lifts), BUDGET)).plan();
        assertThat(plan.activities().values())
                .allSatisfy(s -> assertThat(s.start()).isEqualTo(NOW));
        assertThat(plan.activities().values().stream()
                        .flatMap(s -> s.people().stream())
                        .distinct())
                .hasSize(9);
    }

    /** A quarter of an hour for three of nine is done in the first in which three are there, whoever they are. */
    @Property(tries = 60)
    void aShortLiftIsDoneAsSoonAsEnoughAreThere(@ForAll @Size(9) List<@IntRange(max = 4) Integer> evenings) {
        List<PlanProblem.Person> people = new ArrayList<>();
        for (int p = 0; p < evenings.size(); p++) people.add(person(p, List.of(evenings.get(p))));
        Map<Integer, Long> there = evenings.stream().collect(Collectors.groupingBy(e -> e, Collectors.counting()));
        int first = IntStream.range(0, 5)
                .filter(e -> there.getOrDefault(e, 0L) >= 3)
                .findFirst()
                .orElse(-1);
        PlanOutcome outcome = Planner.plan(problem(people, List.of(lift(3, 1))), BUDGET);
        if (first < 0) assertThat(outcome).isInstanceOf(PlanOutcome.Infeasible.class);
        else
            assertThat(outcome.plan().of(new ActivityId("lift")).orElseThrow().start())
                    .isEqualTo(NOW.plus(Duration.ofDays(first)));
    }

    private static Plan planned(List<PlanProblem.Person> people, Activity lift) {
        return ((PlanOutcome.Planned) Planner.plan(problem(people, List.of(lift)), BUDGET)).plan();
    }

    private static PlanProblem problem(List<PlanProblem.Person> people, List<Activity> lifts) {
        return PlanProblem.simple(NOW, NOW.plus(Duration.ofDays(30)), ZoneOffset.UTC, people, lifts, List.of());
    }

    private static Activity lift(int hands, int slots) {
        return lift("lift", hands, slots);
    }

    private static Activity lift(String id, int hands, int slots) {
        List<String> all =
                IntStream.range(0, hands == 10 ? 20 : 9).mapToObj(p -> "p" + p).toList();
        return Activity.job(id, Aim.ROAD_READY, slots, new Activity.Crew(hands, all));
    }

    private static PlanProblem.Person person(int p, List<Integer> evenings) {
        return new PlanProblem.Person(
                "p" + p,
                evenings.stream()
                        .distinct()
                        .sorted()
                        .map(d -> NOW.plus(Duration.ofDays(d)))
                        .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(2))))
                        .toList());
    }
}
