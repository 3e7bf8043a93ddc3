package ofisino.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/** The search is over where nothing better is to be found, and not before. */
class LowerBoundTest {
    private static final Instant NOW = Instant.parse("2026-03-02T18:00:00Z");
    private static final int MANY = 5000;

    /** By hand: a chain has one order, and the first schedule is the best. */
    @Test
    void aChainIsPlannedOnce() {
        List<Activity> jobs = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (int j = 0; j < 5; j++) {
            jobs.add(job(j, 6));
            if (j > 0) links.add(Link.of("j" + (j - 1), "j" + j));
        }
        assertThat(schedulesFor(problem(jobs, links))).isLessThan(10);
    }

    /** By hand: two jobs of one person cannot both be first, so the bound is not reached and all is tried. */
    @Test
    void whereJobsAreInEachOthersWayItGoesOn() {
        assertThat(schedulesFor(problem(List.of(job(0, 4), job(1, 4)), List.of())))
                .isGreaterThan(1000);
    }

    /** Stopped at the bound or not, no order of jobs that any search tries ends sooner. */
    @Property(tries = 30)
    void nothingIsLost(
            @ForAll @Size(5) List<@IntRange(min = 1, max = 9) Integer> slots, @ForAll @IntRange(max = 31) int links) {
        List<Activity> jobs = IntStream.range(0, slots.size())
                .mapToObj(j -> job(j, slots.get(j)))
                .toList();
        List<Link> chosen = IntStream.range(1, slots.size())
                .filter(j -> (links >> j & 1) == 1)
                .mapToObj(j -> Link.of("j" + (j - 1), "j" + j))
                .toList();
        PlanProblem problem = problem(jobs, chosen);
        Instant found = end(Planner.plan(problem, new Planner.Budget(300, 1)));
        int total = slots.stream().mapToInt(Integer::intValue).sum();
        // one person, nothing waits: all slots of the evenings are used one after the other
        assertThat(found).isEqualTo(endOfSlot(total));
    }

    private static Instant endOfSlot(int slots) {
        int evening = (slots - 1) / 8;
        return NOW.plus(Duration.ofDays(evening)).plus(PlanProblem.SLOT.multipliedBy(slots - 8L * evening));
    }

    private static Instant end(PlanOutcome outcome) {
        return ((PlanOutcome.Planned) outcome)
                .plan().activities().values().stream()
                        .map(s -> s.end())
                        .max(Instant::compareTo)
                        .orElseThrow();
    }

    private static int schedulesFor(PlanProblem problem) {
        var asked = new AtomicInteger();
        new Planner(() -> {
                    asked.incrementAndGet();
                    return false;
                })
                .next(problem, new Planner.Budget(MANY, 1));
        return asked.get();
    }

    private static Activity job(int j, int slots) {
        return Activity.job("j" + j, Aim.ROAD_READY, slots, new Activity.Crew(1, List.of("ines")));
    }

    private static PlanProblem problem(List<Activity> jobs, List<Link> links) {
        List<TimeWindow> evenings = IntStream.range(0, 30)
                .mapToObj(d -> NOW.plus(Duration.ofDays(d)))
                .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(2))))
                .toList();
        return PlanProblem.simple(
                NOW,
                NOW.plus(Duration.ofDays(40)),
                ZoneOffset.UTC,
                List.of(new PlanProblem.Person("ines", evenings)),
                jobs,
                links);
    }
}
