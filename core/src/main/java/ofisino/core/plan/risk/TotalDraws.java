package ofisino.core.plan.risk;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.SplittableRandom;
import org.apache.commons.numbers.arrays.Selection;
import org.apache.commons.rng.UniformRandomProvider;

/**
 * The sum of many named chances, drawn many times. Each chance draws run i from a stream of its own made from (seed, its name, i). So the
 * same seed gives the same totals in any order, and changing one chance leaves the draws of all others as they were: what differs between
 * two sums is the change and not luck (common random numbers).
 */
public final class TotalDraws {
    public static final int RUNS = 10_000;
    private static final long GOLDEN_GAMMA =
            0x9E3779B97F4A7C15L; // spreads neighbouring runs over the seeds (Steele, Lea, Flood 2014)

    private final long seed;
    private final Map<String, double[]> parts;
    private final double[] totals;

    private TotalDraws(long seed, Map<String, double[]> parts, double[] totals) {
        this.seed = seed;
        this.parts = parts;
        this.totals = totals;
    }

    public static TotalDraws of(Map<String, Chance> chances, long seed) {
        Map<String, double[]> parts = new LinkedHashMap<>();
        double[] totals = new double[RUNS];
        chances.forEach((name, chance) -> {
            double[] draws = draws(name, chance, seed);
            parts.put(name, draws);
            for (int run = 0; run < RUNS; run++) totals[run] += draws[run];
        });
        return new TotalDraws(seed, parts, totals);
    }

    /** The same sum with one chance put in place of the one of that name, or added. */
    public TotalDraws with(String name, Chance chance) {
        return changed(name, draws(name, chance, seed));
    }

    /** The same sum without the chance of that name. */
    public TotalDraws without(String name) {
        return changed(name, new double[RUNS]);
    }

    private TotalDraws changed(String name, double[] draws) {
        double[] before = parts.getOrDefault(name, new double[RUNS]);
        double[] changed = new double[RUNS];
        for (int run = 0; run < RUNS; run++) changed[run] = totals[run] - before[run] + draws[run];
        Map<String, double[]> others = new LinkedHashMap<>(parts);
        others.put(name, draws);
        return new TotalDraws(seed, others, changed);
    }

    private static double[] draws(String name, Chance chance, long seed) {
        double[] draws = new double[RUNS];
        long own = new SplittableRandom(seed + name.hashCode()).nextLong();
        for (int run = 0; run < RUNS; run++) {
            var random = new SplittableRandom(own + run * GOLDEN_GAMMA);
            UniformRandomProvider stream = random::nextLong;
            double luck =
                    random.nextDouble(); // drawn even when certain, so that a surer chance costs the same where it
            // comes true
            if (luck < chance.probability()) draws[run] = chance.cost().draw(stream);
        }
        return draws;
    }

    /** The total that {@code tenths} in 10 runs do not exceed; 8 for a cautious figure. Never a sum of such figures. */
    public double inTen(int tenths) {
        double[] partly = totals.clone();
        int rank = (int) Math.ceil(RUNS * tenths / 10.0) - 1;
        Selection.select(partly, rank);
        return partly[rank];
    }

    public double mean() {
        return Arrays.stream(totals).average().orElse(0);
    }
}
