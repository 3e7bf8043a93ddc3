package ofisino.core.plan.progress;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.calendar.TimeWindow;

/**
 * How often a person comes of the times that they mean to: with few of them what is usual counts, with many their own.
 * Rate = (came + 8 · 0.65) ÷ (meant + 8). The weight of 8 times and the rate of 0.65 are common practice, no source.
 *
 * @param meant times that were set and have passed
 * @param came  of them, those on which something was logged; at most {@code meant}
 */
public record TurnUp(int meant, int came) {
    /** Of somebody who has logged nothing yet. */
    public static final TurnUp UNKNOWN = new TurnUp(0, 0);

    private static final int USUAL_TIMES = 8;
    private static final double USUAL_RATE = 0.65;

    public TurnUp {
        if (came < 0 || meant < came)
            throw InvalidValue.of(
                    "turn-up.range",
                    "Nobody comes %d times of %d.",
                    "Count the days on which something was logged.",
                    came,
                    meant);
    }

    /**
     * Learned from the day of the first session on; a session on a day that was not meant makes up for one that was missed.
     *
     * @param meant  days with a time in the garage
     * @param logged days with a session
     * @param today  is not over, and counts only when it is logged
     */
    public static TurnUp of(Collection<LocalDate> meant, Collection<LocalDate> logged, LocalDate today) {
        TreeSet<LocalDate> came =
                logged.stream().filter(d -> !d.isAfter(today)).collect(Collectors.toCollection(TreeSet::new));
        if (came.isEmpty()) return UNKNOWN;
        Set<LocalDate> passed = meant.stream()
                .filter(d -> !d.isBefore(came.first()) && (d.isBefore(today) || came.contains(d)))
                .filter(d -> !d.isAfter(today))
                .collect(Collectors.toSet());
        return new TurnUp(passed.size(), Math.min(passed.size(), came.size()));
    }

    /** Above 0, at most 1. */
    public double rate() {
        return (came + USUAL_TIMES * USUAL_RATE) / (meant + USUAL_TIMES);
    }

    /**
     * Times that count as kept in what is believed of the rate before tomorrow: the usual ones, and those that were seen, which hang together.
     *
     * @param seenForOne so many times that were seen say as much as one that hangs on no other
     */
    public double keptWeight(double seenForOne) {
        return came / seenForOne + USUAL_TIMES * USUAL_RATE;
    }

    /** Likewise, times that were missed. */
    public double missedWeight(double seenForOne) {
        return (meant - came) / seenForOne + USUAL_TIMES * (1 - USUAL_RATE);
    }

    /** So many of the times as they come to, spread evenly, the first among them. */
    public List<TimeWindow> of(List<TimeWindow> times) {
        double rate = rate();
        return IntStream.range(0, times.size())
                .filter(i -> Math.ceil((i + 1) * rate) > Math.ceil(i * rate))
                .mapToObj(times::get)
                .toList();
    }
}
