package ofisino.core.plan.risk;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.DoubleSupplier;
import ofisino.core.plan.problem.Activity;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.solve.DrawnPass;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.rng.sampling.distribution.ZigguratSampler;

/**
 * One run after the other over one calendar: its own arrays, drawn anew each time. Everything draws from a stream of its own made from
 * (the run, its name): with one thing changed or left out all others come out as they did, so that what differs between two ways to do a car
 * is the way and not luck (common random numbers).
 */
final class DrawnRun {
    private static final double SLOT_HOURS = 0.25;
    private static final double SECONDS_AN_HOUR = 3600;
    /** Beyond this a factor of one's own is not drawn: nobody takes eight times as long at everything. */
    private static final double MOST_FACTOR = 8;

    private final List<Activity> activities;
    private final Uncertain uncertain;
    private final DrawnPass pass;
    private final DoubleSupplier[] workDraw;
    private final ThreePoint[] waitOf;
    private final DoubleSupplier[] moreDraw;
    private final int[][] lengthened;
    private final int[] slots;
    private final int[] waits;
    private final boolean[] found;
    private final long[] names;
    private final long[] openings;
    private final double[] factor;
    private final DoubleSupplier normal;
    private final int[] most;
    private SplittableRandom stream = new SplittableRandom(0);

    private DrawnRun(PlanProblem problem, Uncertain uncertain, DrawnPass pass, int[] most) {
        this.most = most;
        this.activities = problem.activities();
        this.uncertain = uncertain;
        this.pass = pass;
        int size = activities.size();
        UniformRandomProvider from = () -> stream.nextLong();
        normal = ZigguratSampler.NormalizedGaussian.of(from)::sample;
        workDraw = new DoubleSupplier[size];
        waitOf = new ThreePoint[size];
        Map<ActivityId, Integer> index = new HashMap<>();
        for (int a = 0; a < size; a++) {
            Activity activity = activities.get(a);
            index.put(activity.id(), a);
            ThreePoint work = uncertain.work().get(activity.id());
            if (work != null && !DrawnPass.keepsItsHours(activity)) workDraw[a] = aroundOne(work, from);
            waitOf[a] = uncertain.waits().get(activity.id());
        }
        moreDraw = uncertain.hidden().stream().map(h -> h.more().draws(from)).toArray(DoubleSupplier[]::new);
        lengthened = uncertain.hidden().stream()
                .map(h -> h.lengthened().stream()
                        .filter(index::containsKey)
                        .mapToInt(index::get)
                        .toArray())
                .toArray(int[][]::new);
        slots = new int[size];
        waits = new int[size];
        factor = new double[size];
        found = new boolean[lengthened.length];
        names = activities.stream().mapToLong(a -> mixed(a.id().value())).toArray();
        openings = uncertain.hidden().stream()
                .mapToLong(h -> mixed("behind " + h.opening().value()))
                .toArray();
    }

    /**
     * The factor of one's own was learned from what came out beside what was thought likely, so that jobs come out later than likely on
     * average is in it already: a draw says only how much this one differs from that.
     */
    private DoubleSupplier aroundOne(ThreePoint work, UniformRandomProvider from) {
        DoubleSupplier draws = work.draws(from);
        double usual = work.geometricMean() / work.likely();
        return () -> draws.getAsDouble() / usual * Math.exp(uncertain.stray() * normal.getAsDouble());
    }

    /** Spreads a name over all 64 bits. */
    private static long mixed(String name) {
        return new SplittableRandom(name.hashCode()).nextLong();
    }

    static Optional<DrawnRun> of(PlanProblem problem, Plan order, Uncertain uncertain) {
        int[] most = most(problem, uncertain);
        return DrawnPass.of(problem, order, most).map(p -> new DrawnRun(problem, uncertain, p, most));
    }

    private static int[] most(PlanProblem problem, Uncertain uncertain) {
        double hidden = uncertain.hidden().stream()
                .mapToDouble(h -> h.more().pessimistic())
                .sum();
        return problem.activities().stream()
                .mapToInt(a -> {
                    ThreePoint work = uncertain.work().getOrDefault(a.id(), ThreePoint.certain(1));
                    return (int) Math.ceil(a.workSlots() * MOST_FACTOR * (work.pessimistic() + hidden)) + 1;
                })
                .toArray();
    }

    /** @param run made from the seed and the number of the run */
    void draw(long run) {
        stream = new SplittableRandom(run);
        double own = Math.min(
                MOST_FACTOR, uncertain.own().factor() * Math.exp(uncertain.own().spread() * normal.getAsDouble()));
        for (int a = 0; a < slots.length; a++) {
            stream = new SplittableRandom(run ^ names[a]);
            factor[a] = workDraw[a] == null ? 1 : workDraw[a].getAsDouble();
            waits[a] = wait(a);
        }
        for (int h = 0; h < found.length; h++) {
            stream = new SplittableRandom(run ^ openings[h]);
            double more = moreDraw[h].getAsDouble();
            found[h] = stream.nextDouble() < uncertain.hidden().get(h).probability();
            if (found[h]) for (int a : lengthened[h]) factor[a] += more;
        }
        for (int a = 0; a < slots.length; a++) {
            Activity activity = activities.get(a);
            slots[a] = DrawnPass.keepsItsHours(activity)
                    ? activity.workSlots()
                    : Math.max(1, (int) Math.min(most[a], Math.round(activity.workSlots() * factor[a] * own)));
        }
    }

    private int wait(int a) {
        double planned = activities.get(a).timing().waitAfter().toSeconds();
        if (waitOf[a] == null) return (int) Math.min(planned, Integer.MAX_VALUE / 4.0);
        return (int) Math.min(planned * Triangular.at(waitOf[a], stream.nextDouble()), Integer.MAX_VALUE / 4.0);
    }

    void note(int run, int[][] needed, Draws draws) {
        pass.place(slots, waits);
        for (int m = 0; m < needed.length; m++) draws.reached[m][run] = lastOf(needed[m]);
        for (int h = 0; h < found.length; h++) draws.found[h][run] = found[h];
        if (run < Draws.FOR_DRIVERS)
            for (int a = 0; a < slots.length && a < draws.took.length; a++)
                draws.took[a][run] =
                        (float) (activities.get(a).workSlots() * factor[a] * SLOT_HOURS + waits[a] / SECONDS_AN_HOUR);
    }

    private int lastOf(int[] needed) {
        int last = 0;
        for (int a : needed) {
            int end = pass.end(a);
            if (end < 0) return Draws.NEVER;
            last = Math.max(last, end);
        }
        return last;
    }
}
