package ofisino.server.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.grouping.Grouping;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.LongerSearch.Better;
import ofisino.server.plan.schedule.KnownAnswers.Answer;
import ofisino.server.plan.schedule.LongerSearches.SearchState;
import org.junit.jupiter.api.Test;

class LongerSearchesTest {
    private static final Instant NOW = Instant.parse("2026-03-02T18:00:00Z");

    /** An answer that begins five days too late: whoever looks at it again later is offered the sooner one, once and without asking. */
    @Test
    void whatIsSoonerIsOfferedToWhoeverLooksAgain() throws InterruptedException {
        var searches = new LongerSearches(true);
        var late = new Answer(problem(0), Planner.plan(problem(5), new Planner.Budget(30, 1)));
        assertThat(searches.of(late, Set.of()).better()).isEmpty();
        Optional<Better> found = Optional.empty();
        for (int i = 0; i < 6000 && found.isEmpty(); i++) {
            Thread.sleep(20);
            found = searches.of(late, Set.of()).better();
        }
        assertThat(found).hasValueSatisfying(b -> assertThat(b.after()).isBefore(b.before()));
        searches.stop();
    }

    /** An answer that takes the engine out twice: whoever looks again is offered to take it out once. */
    @Test
    void whatIsOpenedTwiceForNothingIsOfferedOnce() throws InterruptedException {
        var searches = new LongerSearches(true);
        PlanProblem twice = openedTwice();
        var answer = new Answer(twice, Planner.plan(twice, new Planner.Budget(30, 1)));
        searches.of(answer, Set.of());
        Optional<Grouping.Fewer> found = Optional.empty();
        for (int i = 0; i < 6000 && found.isEmpty(); i++) {
            Thread.sleep(20);
            found = searches.of(answer, Set.of()).fewer();
        }
        assertThat(found).hasValueSatisfying(f -> {
            assertThat(f.saved()).isEqualTo(Duration.ofHours(1));
            assertThat(f.joins())
                    .singleElement()
                    .satisfies(j -> assertThat(j.jobs())
                            .containsExactlyInAnyOrder(new ActivityId("weld"), new ActivityId("seal")));
        });
        searches.stop();
    }

    /** That nothing sooner was found is said of a search that is over, and not of one that goes on or was left for another plan. */
    @Test
    void saysHowFarItIs() throws InterruptedException {
        var searches = new LongerSearches(true);
        var left = new Answer(problem(0), Planner.plan(problem(0), new Planner.Budget(30, 1)));
        var looked = new Answer(problem(1), Planner.plan(problem(1), new Planner.Budget(30, 1)));
        assertThat(searches.of(left, Set.of()).search()).isEqualTo(SearchState.GOES_ON);
        assertThat(searches.of(looked, Set.of()).search()).isEqualTo(SearchState.GOES_ON);
        for (int i = 0; i < 6000 && looked.found().search() == SearchState.GOES_ON; i++) Thread.sleep(20);
        assertThat(looked.found().search()).isEqualTo(SearchState.OVER);
        assertThat(left.found().search()).isEqualTo(SearchState.LEFT);
        searches.stop();
    }

    private static PlanProblem openedTwice() {
        PlanProblem one = problem(0);
        Activity weld = one.activities().get(0);
        List<Activity> all = Stream.of("seal", "out1", "in1", "out2", "in2")
                .map(id -> id.equals("seal")
                        ? Activity.job(id, Aim.RUNNER, 4, weld.crew())
                        : new Activity(
                                new ActivityId(id),
                                id.startsWith("out") ? Activity.ActivityKind.STRIP : Activity.ActivityKind.REFIT,
                                Aim.RUNNER,
                                2,
                                weld.crew(),
                                weld.timing(),
                                weld.demand(),
                                List.of(),
                                Set.of(),
                                false))
                .toList();
        return one.withStripDowns(
                Stream.concat(one.activities().stream(), all.stream()).toList(),
                List.of(
                        PlanProblem.Link.of("out1", "weld"),
                        PlanProblem.Link.of("weld", "in1"),
                        PlanProblem.Link.of("out2", "seal"),
                        PlanProblem.Link.of("seal", "in2")),
                List.of(stripDown("1", "weld"), stripDown("2", "seal")),
                List.of());
    }

    private static PlanProblem.StripDown stripDown(String no, String job) {
        return new PlanProblem.StripDown(
                no,
                "engine",
                Optional.of(new ActivityId("out" + no)),
                new ActivityId("in" + no),
                List.of(new ActivityId(job)),
                List.of());
    }

    @Test
    void nothingIsSearchedWhereNothingIsPlannedOrItIsOff() {
        var off = new LongerSearches(false);
        var late = new Answer(problem(0), Planner.plan(problem(5), new Planner.Budget(30, 1)));
        assertThat(off.of(late, Set.of()).search()).isEqualTo(SearchState.LEFT);
        assertThat(late.claimSearch()).as("nobody has begun").isTrue();
        off.stop();
    }

    private static PlanProblem problem(int daysLater) {
        List<TimeWindow> evenings = IntStream.range(0, 12)
                .mapToObj(d -> NOW.plus(Duration.ofDays(d)))
                .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(2))))
                .toList();
        Activity job = Activity.job("weld", Aim.RUNNER, 4, new Activity.Crew(1, List.of("ines")));
        return PlanProblem.simple(
                NOW,
                NOW.plus(Duration.ofDays(20)),
                ZoneOffset.UTC,
                List.of(new PlanProblem.Person("ines", evenings)),
                List.of(job.with(job.timing().notSooner(NOW.plus(Duration.ofDays(daysLater))))),
                List.of());
    }
}
