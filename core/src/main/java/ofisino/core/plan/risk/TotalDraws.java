package ofisino.core.plan.risk;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.DoubleSupplier;
import java.util.stream.Collectors;
import org.apache.commons.numbers.arrays.Selection;

/**
 * The sum of many named chances, drawn many times. Each chance draws from streams of its own made from (seed, its name). So the
 * same seed gives the same totals in any order, and changing one chance leaves the draws of all others as they were: what differs between
 * two sums is the change and not luck (common random numbers).
 */
public final class TotalDraws {
    public static final int RUNS = 10_000;

    /** Chances that are drawn side by side. */
    private static final int AT_ONCE = 16;

    /** Of totals alone. */
    private static final Map<String, Part> NOT_KEPT = new LinkedHashMap<>();

    private final long seed;
    private final Map<String, Part> parts;
    private final double[] totals;

    /** @param costs what it costs in each run where it comes true; @param drawn the same, and 0 where it does not */
    private record Part(double[] costs, double[] drawn) {
        static final Part NONE = new Part(new double[RUNS], new double[RUNS]);

        /** Whether it comes true and what it costs are drawn apart, so that a surer chance costs the same where it comes true. */
        static Part of(String name, Chance chance, long seed) {
            SplittableRandom own = new SplittableRandom(seed + name.hashCode());
            SplittableRandom luck = own.split();
            DoubleSupplier cost = chance.cost().draws(own.split()::nextLong);
            Part part = new Part(new double[RUNS], new double[RUNS]);
            for (int run = 0; run < RUNS; run++) {
                part.costs[run] = cost.getAsDouble();
                if (luck.nextDouble() < chance.probability()) part.drawn[run] = part.costs[run];
            }
            return part;
        }
    }

    private TotalDraws(long seed, Map<String, Part> parts, double[] totals) {
        this.seed = seed;
        this.parts = parts;
        this.totals = totals;
    }

    /** The same chances and seed always give the same draws. */
    public static TotalDraws of(Map<String, Chance> chances, long seed) {
        Map<String, Part> drawn = chances.entrySet().parallelStream()
                .collect(Collectors.toConcurrentMap(Map.Entry::getKey, e -> Part.of(e.getKey(), e.getValue(), seed)));
        Map<String, Part> parts = new LinkedHashMap<>();
        double[] totals = new double[RUNS];
        for (String name : chances.keySet()) { // added up in one order, so that the last digit is the same each time
            Part part = drawn.get(name);
            parts.put(name, part);
            for (int run = 0; run < RUNS; run++) totals[run] += part.drawn[run];
        }
        return new TotalDraws(seed, parts, totals);
    }

    /**
     * The same totals alone: a chance cannot be changed in it any more. What each of hundreds drew takes tens of megabytes, and this a hundred
     * kilobytes.
     */
    public static TotalDraws totalsOf(Map<String, Chance> chances, long seed) {
        double[] totals = new double[RUNS];
        List<String> names = List.copyOf(chances.keySet());
        for (int from = 0; from < names.size(); from += AT_ONCE) {
            List<Part> drawn = names.subList(from, Math.min(names.size(), from + AT_ONCE)).parallelStream()
                    .map(name -> Part.of(name, chances.get(name), seed))
                    .toList();
            for (Part part : drawn) for (int run = 0; run < RUNS; run++) totals[run] += part.drawn[run];
        }
        return new TotalDraws(seed, NOT_KEPT, totals);
    }

    /** The same sum with one chance put in place of the one of that name, or added. */
    public TotalDraws with(String name, Chance chance) {
        return changed(name, Part.of(name, chance, seed));
    }

    /** The same sum with the chance of that name come true in every run. */
    public TotalDraws surely(String name) {
        Part part = parts.getOrDefault(name, Part.NONE);
        return changed(name, new Part(part.costs, part.costs));
    }

    /** The same sum without the chance of that name. */
    public TotalDraws without(String name) {
        return changed(name, Part.NONE);
    }

    private TotalDraws changed(String name, Part part) {
        if (parts == NOT_KEPT) throw new IllegalStateException("these totals do not know what each chance drew");
        double[] before = parts.getOrDefault(name, Part.NONE).drawn;
        double[] changed = new double[RUNS];
        for (int run = 0; run < RUNS; run++) changed[run] = totals[run] - before[run] + part.drawn[run];
        Map<String, Part> others = new LinkedHashMap<>(parts);
        others.put(name, part);
        return new TotalDraws(seed, others, changed);
    }

    /** The total that {@code tenths} in 10 runs do not exceed; 8 for a cautious figure. Never a sum of such figures. */
    public double inTen(int tenths) {
        return ranked(totals.clone(), tenths);
    }

    /**
     * By how much this costs more than another way to do the same car, run by run with the same luck.
     *
     * @param tenths of the runs in which it is no more than that, 1 to 10
     */
    public double moreThan(TotalDraws other, int tenths) {
        double[] more = new double[RUNS];
        for (int run = 0; run < RUNS; run++) more[run] = totals[run] - other.totals[run];
        return ranked(more, tenths);
    }

    private static double ranked(double[] values, int tenths) {
        int rank = (int) Math.ceil(RUNS * tenths / 10.0) - 1;
        Selection.select(values, rank);
        return values[rank];
    }

    /** Of all draws; minor units. */
    public double mean() {
        return Arrays.stream(totals).average().orElse(0);
    }
}
