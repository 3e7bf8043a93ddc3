package ofisino.core.money.buying;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import ofisino.core.kernel.InvalidValue;

/**
 * What like vehicles fetched. What was asked is not what was paid, so asked prices count less by a stated share; what lies far from all
 * others is left out and named. Common practice, no source.
 *
 * @param median of those that count; @param low the lowest of them; @param high the highest
 * @param leftOut further from the median than four times the median distance from it
 */
public record Comparables(long median, long low, long high, List<Comparable> counted, List<Comparable> leftOut) {
    private static final int FAR = 4;

    /** @param sold whether the price was paid, or only asked */
    public record Comparable(String title, long minor, boolean sold, LocalDate on) {
        public Comparable {
            if (minor <= 0)
                throw InvalidValue.at(
                        "comparable", "comparable.price", "“%s” has no price.", "Enter one above 0.", title);
        }

        private long counts(int askedLessBasisPoints) {
            return sold ? minor : minor - minor * askedLessBasisPoints / TitleFactor.WHOLE;
        }
    }

    /** @param askedLessBasisPoints by how much an asked price is lowered, in hundredths of a percent */
    public static Comparables of(List<Comparable> all, int askedLessBasisPoints) {
        if (all.isEmpty())
            throw InvalidValue.at(
                    "comparables",
                    "comparables.none",
                    "Nothing to compare with yet.",
                    "Enter at least one like vehicle.");
        long middle =
                median(all.stream().map(c -> c.counts(askedLessBasisPoints)).toList());
        long distance = median(all.stream()
                .map(c -> Math.abs(c.counts(askedLessBasisPoints) - middle))
                .toList());
        List<Comparable> counted = new ArrayList<>();
        List<Comparable> leftOut = new ArrayList<>();
        for (Comparable c : all) {
            boolean far = distance > 0 && Math.abs(c.counts(askedLessBasisPoints) - middle) > FAR * distance;
            (far ? leftOut : counted).add(c);
        }
        List<Long> prices = counted.stream()
                .map(c -> c.counts(askedLessBasisPoints))
                .sorted()
                .toList();
        return new Comparables(
                median(prices),
                prices.get(0),
                prices.get(prices.size() - 1),
                List.copyOf(counted),
                List.copyOf(leftOut));
    }

    private static long median(List<Long> values) {
        List<Long> sorted = values.stream().sorted().toList();
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(half) : Math.floorDiv(sorted.get(half - 1) + sorted.get(half), 2);
    }
}
