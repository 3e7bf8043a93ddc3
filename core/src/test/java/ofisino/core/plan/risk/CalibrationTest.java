package ofisino.core.plan.risk;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.Activity.Crew;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanOutcome;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.Link;
import ofisino.core.plan.problem.PlanProblem.Person;
import ofisino.core.plan.progress.OwnFactor;
import ofisino.core.plan.progress.TurnUp;
import ofisino.core.plan.risk.Uncertain.Hidden;
import ofisino.core.plan.solve.InOrder;
import ofisino.core.plan.solve.Planner;
import org.junit.jupiter.api.Test;

/**
 * Restorers of another model than the one that dates them: what they take is log-normal with a heavy tail, they stay away for weeks at a time
 * (an illness, a holiday, a new job), and damage comes to light by a gamma law. Each has logged some jobs and sessions, from which their
 * pace is learned. Of a date that eight in ten are to keep, close to eight in ten must keep it.
 */
class CalibrationTest {
    private static final Instant NOW = Instant.parse("2026-03-02T00:00:00Z");
    private static final int DAYS = 1500;
    private static final Instant HORIZON = NOW.plus(Duration.ofDays(DAYS));
    private static final int RESTORERS = Integer.getInteger("ofisino.restorers", 120);
    private static final int RUNS = 600;
    /** Days from one evening to the next. */
    private static final int EVERY = 3;
    /** Four standard errors of so many restorers, or the band that is asked for, whichever is wider. */
    private static final double TOLERANCE = Math.max(0.03, 4 * Math.sqrt(0.8 * 0.2 / RESTORERS));

    @Test
    void eightInTenDatesAreKeptByEightInTen() {
        long kept = IntStream.range(0, RESTORERS)
                .parallel()
                .filter(i -> new Restorer(new Random(apart(i))).keepsTheDate())
                .count();

        assertThat(kept / (double) RESTORERS)
                .as("%d of %d kept their date", kept, RESTORERS)
                .isBetween(0.8 - TOLERANCE, 0.8 + TOLERANCE);
    }

    /** Neighbouring seeds begin alike: ten thousand of them would be cousins, and no sample. */
    private static long apart(int i) {
        return new SplittableRandom(i).nextLong();
    }

    private static final class Restorer {
        private final Random luck;
        /** How their hours compare with what they think likely, in the long run; and how far single jobs stray from that. */
        private final double factor;

        private final double stray = 0.45;
        private final double rate;
        private final List<Activity> jobs = new ArrayList<>();
        private final Hidden hidden;
        private final double reallyHidden;

        Restorer(Random luck) {
            this.luck = luck;
            factor = Math.exp(Math.log(1.3) + 0.3 * luck.nextGaussian());
            rate = Math.min(0.97, Math.max(0.2, 0.65 + 0.15 * luck.nextGaussian()));
            int size = 8 + luck.nextInt(12);
            for (int i = 0; i < size; i++)
                jobs.add(Activity.job("j" + i, Aim.RUNNER, 6 + luck.nextInt(50), new Crew(1, List.of("ines"))));
            double chance = 0.15 + 0.2 * luck.nextDouble();
            hidden = new Hidden(jobs.get(0).id(), List.of(jobs.get(size / 2).id()), chance, new ThreePoint(0.3, 1, 3));
            reallyHidden = luck.nextDouble() < chance ? gamma(2) * 0.6 : 0;
        }

        /** Of a whole shape: a sum of exponentials. */
        private double gamma(int shape) {
            double sum = 0;
            for (int i = 0; i < shape; i++) sum -= Math.log(1 - luck.nextDouble());
            return sum;
        }

        boolean keepsTheDate() {
            PlanProblem problem = problem(evenings(d -> true));
            Plan plan = ((PlanOutcome.Planned) Planner.plan(problem, new Planner.Budget(5, 1))).plan();
            Instant promised = new Simulation(problem, plan, learned(), 1)
                    .run(RUNS, () -> false)
                    .orElseThrow()
                    .inTen(Aim.RUNNER, 8)
                    .orElse(HORIZON);
            return !really(plan).isAfter(promised);
        }

        /** From a dozen finished jobs and two months of sessions. */
        private Uncertain learned() {
            List<OwnFactor.Finished> finished = IntStream.range(0, 4 + luck.nextInt(12))
                    .mapToObj(i -> new OwnFactor.Finished(120, Math.max(1, (int) (120 * took()))))
                    .toList();
            int meant = 20 + luck.nextInt(30);
            boolean[] away = away(meant, luck.nextDouble() > rate);
            int came = (int) IntStream.range(0, meant).filter(i -> !away[i]).count();
            Map<ActivityId, ThreePoint> work = new HashMap<>();
            jobs.forEach(j -> work.put(j.id(), new ThreePoint(0.5, 1, 2.5)));
            return new Uncertain(
                    work,
                    Spreads.STRAY,
                    Map.of(),
                    List.of(hidden),
                    OwnFactor.of(finished),
                    Map.of("ines", new TurnUp(meant, came)));
        }

        private double took() {
            return factor * Math.exp(stray * luck.nextGaussian());
        }

        /** Which of so many times on end are missed: by the week, in the months that were logged as in those that come. */
        private boolean[] away(int times, boolean begin) {
            double back = 0.2;
            double leaves = back * (1 - rate) / rate;
            boolean[] away = new boolean[times];
            boolean isAway = begin;
            for (int i = 0; i < times; i++) {
                isAway = isAway ? luck.nextDouble() > back : luck.nextDouble() < leaves;
                away[i] = isAway;
            }
            return away;
        }

        /** What becomes of it: other hours, and evenings missed by the week. */
        private Instant really(Plan plan) {
            boolean[] away = away(DAYS / EVERY + 1, false);
            PlanProblem real = problem(evenings(d -> !away[d / EVERY]))
                    .withActivities(jobs.stream()
                            .map(j -> j.taking(Math.max(1, (int) Math.round(j.workSlots()
                                    * (took() + (hidden.lengthened().contains(j.id()) ? reallyHidden : 0) * factor)))))
                            .toList());
            return InOrder.ends(real, plan).values().stream()
                    .max(Instant::compareTo)
                    .orElse(HORIZON);
        }

        private PlanProblem problem(List<TimeWindow> windows) {
            List<Link> links = IntStream.range(1, jobs.size())
                    .mapToObj(i -> Link.of("j" + (i - 1), "j" + i))
                    .toList();
            return PlanProblem.simple(NOW, HORIZON, ZoneOffset.UTC, List.of(new Person("ines", windows)), jobs, links);
        }

        private static List<TimeWindow> evenings(IntPredicate comes) {
            return IntStream.range(0, DAYS)
                    .filter(d -> d % EVERY == 0 && comes.test(d))
                    .mapToObj(d -> NOW.plus(Duration.ofDays(d)).plus(Duration.ofHours(18)))
                    .map(from -> new TimeWindow(from, from.plus(Duration.ofHours(2))))
                    .toList();
        }
    }
}
