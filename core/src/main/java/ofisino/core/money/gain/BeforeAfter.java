package ofisino.core.money.gain;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.gain.Gain.Verdict;

/**
 * The same thing measured before a piece of work and after it, each some times over.
 *
 * @param before one figure a run, 1 to {@value #MOST_RUNS}, all in one unit
 * @param after  the same after the work
 * @param better which way is better
 * @param alike  both were measured alike: the same place, load, weather and instrument
 */
public record BeforeAfter(List<Double> before, List<Double> after, Better better, boolean alike) {
    private static final int MOST_RUNS = 50;
    /** Beyond that many nobody measures. */
    private static final int MOST_MORE = 200;

    private static final double GREATEST = 1e9;

    /** What one hopes for: power is to rise, weight is to fall. */
    public enum Better {
        MORE,
        LESS
    }

    public BeforeAfter {
        before = runs("before", before);
        after = runs("after", after);
    }

    private static List<Double> runs(String field, List<Double> runs) {
        if (runs.isEmpty()
                || runs.size() > MOST_RUNS
                || !runs.stream().allMatch(r -> Double.isFinite(r) && Math.abs(r) <= GREATEST))
            throw InvalidValue.at(
                    field, "gain.runs", "That is no row of measured figures.", "Enter 1 to %d figures.", MOST_RUNS);
        return List.copyOf(runs);
    }

    /** What the work brought, and whether the runs bear it out. */
    public Gain gain() {
        var from = Runs.of(before);
        var to = Runs.of(after);
        double by = better == Better.MORE ? to.mean() - from.mean() : from.mean() - to.mean();
        if (!alike) return new Gain(by, by, by, Verdict.NOT_ALIKE, OptionalInt.empty());
        if (Stream.of(before, after).anyMatch(runs -> runs.size() < 2))
            return new Gain(by, by, by, Verdict.TOO_FEW, OptionalInt.empty());
        double margin = Runs.margin(from, to);
        if (Math.abs(by) > margin)
            return new Gain(by, by - margin, by + margin, by > 0 ? Verdict.BETTER : Verdict.WORSE, OptionalInt.empty());
        return new Gain(by, by - margin, by + margin, Verdict.CHANCE, enough(from, to, Math.abs(by)));
    }

    /** So many runs before and as many after would bear out such a difference, if they differ by themselves as those so far. */
    private static OptionalInt enough(Runs from, Runs to, double by) {
        for (int n = 2; n <= MOST_MORE; n++) if (Runs.margin(from.times(n), to.times(n)) < by) return OptionalInt.of(n);
        return OptionalInt.empty();
    }
}
