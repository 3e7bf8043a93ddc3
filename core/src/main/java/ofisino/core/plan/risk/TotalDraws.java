package ofisino.core.plan.risk;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.SplittableRandom;
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
    private final double[] sorted;

    private TotalDraws(long seed, Map<String, double[]> parts) {
        this.seed = seed;
        this.parts = parts;
        sorted = new double[RUNS];
        for (double[] part : parts.values()) for (int run = 0; run < RUNS; run++) sorted[run] += part[run];
        Arrays.sort(sorted);
    }

    public static TotalDraws of(Map<String, Chance> chances, long seed) {
        Map<String, double[]> parts = new LinkedHashMap<>();
        chances.forEach((name, chance) -> parts.put(name, draws(name, chance, seed)));
        return new TotalDraws(seed, parts);
    }

    /** The same sum with one chance put in place of the one of that name, or added. */
    public TotalDraws with(String name, Chance chance) {
        Map<String, double[]> others = new LinkedHashMap<>(parts);
        others.put(name, draws(name, chance, seed));
        return new TotalDraws(seed, others);
    }

    /** The same sum without the chance of that name. */
    public TotalDraws without(String name) {
        Map<String, double[]> others = new LinkedHashMap<>(parts);
        others.remove(name);
        return new TotalDraws(seed, others);
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
        return sorted[(int) Math.ceil(RUNS * tenths / 10.0) - 1];
    }

    public double mean() {
        return Arrays.stream(sorted).average().orElse(0);
    }
}
