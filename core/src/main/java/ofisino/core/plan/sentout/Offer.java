package ofisino.core.plan.sentout;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * What somebody would do the work for, and what it takes to get there.
 *
 * @param priceMinor of the work, minor units of the base currency
 * @param km         there and back, for bringing and for fetching
 * @param minutes    on the road
 * @param days       that the work takes there
 * @param seen       the price was named after a look at the pieces
 * @param refused    he would not do it; empty where he would. A refusal is an answer, too
 */
public record Offer(String carrier, long priceMinor, int km, int minutes, int days, boolean seen, String refused) {
    /** By so much a price that was named unseen may rise. */
    private static final int UNSEEN_PERCENT = Entry.beside(Offer.class, "offers.yaml")
            .only("unseen-percent", "source")
            .whole("unseen-percent");

    private static final int MOST_KM = 20_000;
    private static final int MOST_MINUTES = 14_400;

    public Offer {
        carrier = Texts.line("carrier", carrier);
        if (priceMinor < 0)
            throw InvalidValue.at("priceMinor", "offer.price", "A price cannot be negative.", "Enter 0 or more.");
        inRange("km", km, MOST_KM, "kilometres");
        inRange("minutes", minutes, MOST_MINUTES, "minutes on the road");
        inRange("days", days, DaysAway.MOST, "days");
        refused = Texts.optionalLine("refused", refused);
    }

    /**
     * In minor units of the base currency.
     *
     * @param thousandKmMinor what a thousand kilometres cost: of one, a price a mile would not come back as it was said
     * @param hourMinor       what an hour on the road is worth
     */
    public record Rates(long thousandKmMinor, long hourMinor) {
        private static final int THOUSAND = 1_000;

        public Rates {
            inRange("thousandKmMinor", thousandKmMinor, 100_000_000, "cents a thousand kilometres");
            inRange("hourMinor", hourMinor, 1_000_000, "cents an hour");
        }

        /** What a way costs, half a minor unit up. @param km there and back; less than 0 of a way that is longer than the other one */
        public long wayMinor(long km) {
            return Math.floorDiv(km * thousandKmMinor + THOUSAND / 2, THOUSAND);
        }
    }

    private static void inRange(String field, long value, long most, String words) {
        if (value < 0 || value > most)
            throw InvalidValue.at(field, "offer.range", "%d %s cannot be.", "Enter 0 to %d.", value, words, most);
    }

    /** @param atMostMinor the same when a price named unseen rises */
    public record Compared(Offer offer, long totalMinor, long atMostMinor) {}

    /** True where they would not do it. */
    public boolean turnedDown() {
        return !refused.isEmpty();
    }

    /** Price, way and time; the time to the minute, half a minor unit up. */
    public long totalMinor(Rates rates) {
        return priceMinor + rates.wayMinor(km) + (minutes * rates.hourMinor() + 30) / 60;
    }

    /** The cheapest that somebody would do first, refusals at the end. */
    public static List<Compared> compare(Collection<Offer> offers, Rates rates) {
        return offers.stream()
                .map(o -> {
                    long total = o.totalMinor(rates);
                    return new Compared(o, total, o.seen() ? total : total + o.priceMinor() * UNSEEN_PERCENT / 100);
                })
                .sorted(Comparator.comparing((Compared c) -> c.offer().turnedDown())
                        .thenComparing(Compared::totalMinor))
                .toList();
    }
}
