package ofisino.server.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.solve.Planner;
import ofisino.core.plan.whatif.LongerSearch.Better;
import ofisino.server.plan.schedule.KnownAnswers.Answer;
import org.junit.jupiter.api.Test;

class LongerSearchesTest {
    private static final Instant NOW = Instant.parse("2026-03-02T18:00:00Z");

    /** An answer that begins five days too late: whoever looks at it again later is offered the sooner one, once and without asking. */
    @Test
    void whatIsSoonerIsOfferedToWhoeverLooksAgain() throws InterruptedException {
        var searches = new LongerSearches(true);
        var late = new Answer(problem(0), Planner.plan(problem(5), new Planner.Budget(30, 1)));
        assertThat(searches.of(late)).isEmpty();
        Optional<Better> found = Optional.empty();
        for (int i = 0; i < 6000 && found.isEmpty(); i++) {
            Thread.sleep(20);
            found = searches.of(late);
        }
        assertThat(found).hasValueSatisfying(b -> assertThat(b.after()).isBefore(b.before()));
        searches.stop();
    }

    @Test
    void nothingIsSearchedWhereNothingIsPlannedOrItIsOff() {
        var off = new LongerSearches(false);
        var late = new Answer(problem(0), Planner.plan(problem(5), new Planner.Budget(30, 1)));
        off.of(late);
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
