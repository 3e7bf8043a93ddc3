package ofisino.core.plan.risk;

import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.risk.Uncertain.Hidden;
import ofisino.core.plan.solve.DrawnPass;

/** When the milestones are reached, as many runs say it. */
public final class Dates {
    /** Below this a correlation says nothing that one could act upon. Common practice, no source. */
    private static final double LEAST_CORRELATION = 0.1;

    private static final int MOST_DRIVERS = 8;
    private static final Duration SLOT = PlanProblem.SLOT;

    private final Draws draws;
    private final Map<Aim, Integer> index;
    private final List<Hidden> hidden;
    private final List<Activity> activities;
    private final Instant begin;
    /** By milestone, the soonest run first. */
    private final int[][] sorted;
    /** Worked out when they are first asked for. */
    private final Map<Aim, List<Driver>> drivers = new ConcurrentHashMap<>();

    private final Map<Aim, List<Telling>> openings = new ConcurrentHashMap<>();

    Dates(Draws draws, Aim[] aims, List<Hidden> hidden, PlanProblem problem) {
        this.draws = draws;
        this.index = Simulation.indexOf(aims);
        this.hidden = hidden;
        this.activities = problem.activities();
        this.sorted = Arrays.stream(draws.reached).map(int[]::clone).toArray(int[][]::new);
        for (int[] runs : sorted) Arrays.sort(runs);
        this.begin = DrawnPass.beginOf(problem);
    }

    /**
     * What moves a date most.
     *
     * @param correlation of its duration with the date by ranks (Spearman), −1 to 1
     */
    public record Driver(ActivityId activity, double correlation) {}

    /**
     * What it would tell to open something before the rest.
     *
     * @param opening  the strip-down
     * @param narrower by so much the span from 2 to 8 in 10 gets shorter on average once one knows
     * @param work     that opening and closing it takes
     */
    public record Telling(ActivityId opening, Duration narrower, Duration work) {
        /** Hours by which the span gets shorter, for each hour of opening. */
        public double perHour() {
            return narrower.toMinutes() / (double) Math.max(1, work.toMinutes());
        }
    }

    /** The date that so many in ten runs keep; empty where it is not before the horizon, or nothing of the plan is for it. @param tenths above 0, up to 10 */
    public Optional<Instant> inTen(Aim milestone, double tenths) {
        return Optional.ofNullable(index.get(milestone))
                .map(m -> Draws.ranked(sorted[m], tenths))
                .filter(s -> s != Draws.NEVER)
                .map(begin::plusSeconds);
    }

    /** How many of the runs reach it by a moment, 0 to 1. */
    public double share(Aim milestone, Instant by) {
        Integer m = index.get(milestone);
        if (m == null) return 0;
        long until = Duration.between(begin, by).toSeconds();
        return Arrays.stream(draws.reached[m]).filter(s -> s <= until).count() / (double) draws.reached[m].length;
    }

    /**
     * By how much this is later than another way to do the same car, run by run with the same luck.
     *
     * @param tenths of the runs in which it is no more than that, above 0, up to 10
     * @return negative where it is sooner; empty where either does not reach it before the horizon in one run of ten or more
     */
    public Optional<Duration> laterThan(Dates other, Aim milestone, double tenths) {
        Integer here = index.get(milestone);
        Integer there = other.index.get(milestone);
        if (here == null || there == null) return Optional.empty();
        int[] mine = draws.reached[here];
        int[] others = other.draws.reached[there];
        if (mine.length != others.length) return Optional.empty();
        int[] later = IntStream.range(0, mine.length)
                .filter(i -> mine[i] != Draws.NEVER && others[i] != Draws.NEVER)
                .map(i -> mine[i] - others[i])
                .sorted()
                .toArray();
        if (later.length * 10L <= mine.length * 9L) return Optional.empty();
        return Optional.of(Duration.between(other.begin, begin).plusSeconds(Draws.ranked(later, tenths)));
    }

    /** What drives the date of a milestone, the strongest first. */
    public List<Driver> drivers(Aim milestone) {
        Integer m = index.get(milestone);
        return m == null ? List.of() : drivers.computeIfAbsent(milestone, aim -> drivers(m));
    }

    private List<Driver> drivers(int m) {
        double[] date = ranks(Arrays.copyOf(draws.reached[m], draws.took.length == 0 ? 0 : draws.took[0].length));
        return IntStream.range(0, draws.took.length)
                .mapToObj(a -> new Driver(activities.get(a).id(), correlation(ranks(draws.took[a]), date)))
                .filter(d -> d.correlation() >= LEAST_CORRELATION)
                .sorted(Comparator.comparingDouble(Driver::correlation).reversed())
                .limit(MOST_DRIVERS)
                .toList();
    }

    /** What opening each place would tell of a milestone, the most for an hour first; what tells nothing is left out. */
    public List<Telling> openings(Aim milestone) {
        Integer m = index.get(milestone);
        return m == null ? List.of() : openings.computeIfAbsent(milestone, aim -> openings(m));
    }

    private List<Telling> openings(int m) {
        Map<ActivityId, Activity> byId = new HashMap<>();
        activities.forEach(a -> byId.put(a.id(), a));
        return IntStream.range(0, hidden.size())
                .mapToObj(h -> new Telling(
                        hidden.get(h).opening(),
                        Duration.ofSeconds(narrower(draws.reached[m], draws.found[h])),
                        work(byId.get(hidden.get(h).opening()))))
                .filter(t -> t.narrower().toHours() >= 24)
                .sorted(Comparator.comparingDouble(Telling::perHour).reversed())
                .toList();
    }

    private static Duration work(Activity opening) {
        return opening == null ? SLOT : SLOT.multipliedBy(Math.max(1, opening.workSlots()));
    }

    private static long narrower(int[] reached, boolean[] found) {
        int[] with = IntStream.range(0, reached.length)
                .filter(i -> found[i])
                .map(i -> reached[i])
                .toArray();
        int[] without = IntStream.range(0, reached.length)
                .filter(i -> !found[i])
                .map(i -> reached[i])
                .toArray();
        if (with.length == 0 || without.length == 0) return 0;
        double share = with.length / (double) reached.length;
        return Math.max(0, Math.round(span(reached) - share * span(with) - (1 - share) * span(without)));
    }

    /** From 2 to 8 in 10, in seconds; what is never reached counts as the last that is. */
    private static double span(int[] reached) {
        int last = Arrays.stream(reached).filter(s -> s != Draws.NEVER).max().orElse(0);
        int[] within = Arrays.stream(reached).map(s -> Math.min(s, last)).toArray();
        return (double) Draws.inTen(within, 8) - Draws.inTen(within, 2);
    }

    private static double[] ranks(float[] values) {
        return ranks(
                IntStream.range(0, values.length).mapToDouble(i -> values[i]).toArray());
    }

    private static double[] ranks(int[] values) {
        return ranks(Arrays.stream(values).asDoubleStream().toArray());
    }

    /** Ties share the middle of their ranks. */
    private static double[] ranks(double[] values) {
        Integer[] order = IntStream.range(0, values.length).boxed().toArray(Integer[]::new);
        Arrays.sort(order, Comparator.comparingDouble(i -> values[i]));
        double[] ranks = new double[values.length];
        for (int i = 0; i < order.length; ) {
            int to = i;
            while (to + 1 < order.length && values[order[to + 1]] == values[order[i]]) to++;
            for (int k = i; k <= to; k++) ranks[order[k]] = (i + to) / 2.0;
            i = to + 1;
        }
        return ranks;
    }

    /** Pearson's of two rows of ranks is Spearman's; 0 where one of them does not vary. */
    private static double correlation(double[] x, double[] y) {
        double middle = (x.length - 1) / 2.0;
        double xy = 0;
        double xx = 0;
        double yy = 0;
        for (int i = 0; i < x.length; i++) {
            xy += (x[i] - middle) * (y[i] - middle);
            xx += (x[i] - middle) * (x[i] - middle);
            yy += (y[i] - middle) * (y[i] - middle);
        }
        return xx == 0 || yy == 0 ? 0 : xy / Math.sqrt(xx * yy);
    }
}
