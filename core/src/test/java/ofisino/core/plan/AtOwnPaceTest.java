package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.referee.Garages;
import ofisino.core.plan.solve.InOrder;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.AtOwnPace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** People stay away and work takes longer. The rate of 0.65 and its weight are common practice, no source; each date is reckoned by hand. */
class AtOwnPaceTest {
    private static final Instant MONDAY = Instant.parse("2026-03-02T00:00:00Z");
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 30);
    private static final TurnUp ALWAYS = new TurnUp(100_000, 100_000);

    /** Saturdays from nine to one. */
    private static TimeWindow saturday(int week) {
        Instant nine = MONDAY.plus(Duration.ofDays(5 + 7L * week)).plus(Duration.ofHours(9));
        return new TimeWindow(nine, nine.plus(Duration.ofHours(4)));
    }

    private static PlanProblem problem(Activity... work) {
        return problem(List.of(), work);
    }

    private static PlanProblem problem(List<PlanProblem.Link> links, Activity... work) {
        return PlanProblem.simple(
                MONDAY,
                MONDAY.plus(Duration.ofDays(365)),
                ZoneOffset.UTC,
                List.of(new PlanProblem.Person(
                        "me",
                        IntStream.range(0, 50).mapToObj(AtOwnPaceTest::saturday).toList())),
                List.of(work),
                links);
    }

    private static Activity job(String id, Aim aim, int hours) {
        return Activity.job(id, aim, 4 * hours, new Activity.Crew(1, List.of("me")));
    }

    private static Map<Aim, Instant> at(PlanProblem problem, double factor, TurnUp turnUp) {
        Plan plan = Planner.plan(problem, new Planner.Budget(10, 1)).plan();
        return AtOwnPace.milestones(problem, plan, new AtOwnPace.Pace(factor, Map.of("me", turnUp)));
    }

    /** Eight hours are two Saturdays. With 0.65 of them the first, second, fourth, fifth … are kept; 1.3 times eight hours, by quarters, are 10.5. */
    @Test
    void aWeekIsMissedAndTheHoursGrow() {
        PlanProblem two = problem(job("sill", Aim.RUNNER, 8));
        assertThat(at(two, 1, ALWAYS)).containsEntry(Aim.RUNNER, saturday(1).to());
        assertThat(at(two, 1, TurnUp.UNKNOWN))
                .containsEntry(Aim.RUNNER, saturday(1).to());
        assertThat(at(two, 1.3, TurnUp.UNKNOWN))
                .containsEntry(Aim.RUNNER, saturday(3).from().plus(Duration.ofMinutes(150)));
    }

    /** Nobody has a longer Saturday because the paint takes longer: it keeps its four hours. */
    @Test
    void whatGoesInOneGoKeepsItsHours() {
        Activity paint = job("paint", Aim.SHOW, 4);
        assertThat(at(problem(paint.with(paint.timing().inOneSitting())), 1.5, ALWAYS))
                .containsEntry(Aim.SHOW, saturday(0).to());
    }

    /** The inspector is booked for the third Saturday; at the own pace the work before it is done on the fourth, and he comes after it. */
    @Test
    void aFixedTimeThatIsMissedIsPutOff() {
        Activity visit = Activity.order("visit", Aim.ROAD_READY, Duration.ofHours(1));
        PlanProblem problem = problem(
                List.of(PlanProblem.Link.of("sill", "visit")),
                job("sill", Aim.RUNNER, 8),
                visit.with(Activity.Timing.FREE
                        .waiting(Duration.ofHours(1))
                        .startingAt(saturday(2).from())));
        assertThat(at(problem, 1, ALWAYS))
                .containsEntry(Aim.ROAD_READY, saturday(2).from().plus(Duration.ofHours(1)));
        Instant done = saturday(3).from().plus(Duration.ofMinutes(150));
        assertThat(at(problem, 1.3, TurnUp.UNKNOWN))
                .containsEntry(Aim.RUNNER, done)
                .containsEntry(Aim.ROAD_READY, done.plus(Duration.ofHours(1)));
    }

    @Test
    void whatDoesNotFitBeforeTheHorizonHasNoDate() {
        assertThat(at(problem(job("all", Aim.SHOW, 150)), 1.4, TurnUp.UNKNOWN)).isEmpty();
    }

    /** Whatever can be planned can be planned at the pace that was thought: where the order of the plan does not go, another does. */
    @ParameterizedTest
    @ValueSource(ints = {200, 1266, 1620})
    void hasADateWhereverThePlanHas(int seed) {
        PlanProblem problem = Garages.drawn(new Random(seed));
        Plan plan = Planner.plan(problem, new Planner.Budget(30, 1)).plan();
        assertThat(InOrder.ends(problem, plan)).as("the pass alone finds none").isEmpty();
        Map<String, TurnUp> all =
                problem.people().stream().collect(Collectors.toMap(PlanProblem.Person::id, p -> ALWAYS));
        assertThat(AtOwnPace.milestones(problem, plan, new AtOwnPace.Pace(1, all)))
                .isNotEmpty();
    }

    /** Nothing is ever sooner for staying away or taking longer. */
    @Property(tries = 100)
    void isNeverSooner(
            @ForAll @IntRange(min = 1, max = 20) int first,
            @ForAll @IntRange(min = 1, max = 20) int second,
            @ForAll @IntRange(min = 20, max = 30) int came) {
        PlanProblem problem = problem(job("a", Aim.RUNNER, first), job("b", Aim.ROAD_READY, second));
        Map<Aim, Instant> kept = at(problem, 1, ALWAYS);
        Map<Aim, Instant> own = at(problem, 1.2, new TurnUp(30, came));
        for (Aim aim : List.of(Aim.RUNNER, Aim.ROAD_READY))
            assertThat(own.get(aim)).isAfterOrEqualTo(kept.get(aim));
    }

    /** Four Saturdays were meant, the first of March's among them only as the day of the first session: came to two of four. */
    @Test
    void isLearnedFromTheLogbook() {
        List<LocalDate> meant =
                Stream.of(7, 14, 21, 28).map(d -> LocalDate.of(2026, 3, d)).toList();
        assertThat(TurnUp.of(meant, List.of(), TODAY)).isEqualTo(TurnUp.UNKNOWN);
        assertThat(TurnUp.of(meant, List.of(meant.get(0), LocalDate.of(2026, 3, 24)), TODAY))
                .isEqualTo(new TurnUp(4, 2));
        assertThat(TurnUp.of(meant, List.of(meant.get(2)), TODAY)).isEqualTo(new TurnUp(2, 1));
        assertThat(TurnUp.of(meant, List.of(meant.get(3)), meant.get(3)))
                .as("today counts when it is logged")
                .isEqualTo(new TurnUp(1, 1));
        assertThat(TurnUp.UNKNOWN.rate()).isEqualTo(0.65);
        assertThat(new TurnUp(4, 2).rate()).isCloseTo((2 + 5.2) / 12, within(1e-9));
        assertThatThrownBy(() -> new TurnUp(1, 2)).isInstanceOf(InvalidValue.class);
    }
}
