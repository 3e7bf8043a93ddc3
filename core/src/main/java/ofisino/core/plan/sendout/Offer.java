package ofisino.core.plan.sendout;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;

/**
 * What somebody would do the work for, and what it takes to get there.
 *
 * @param priceMinor of the work, minor units of the base currency
 * @param km         there and back, for bringing and for fetching
 * @param minutes    on the road
 * @param seen       the price was named after a look at the pieces
 * @param refused    he would not do it; empty where he would. A refusal is an answer, too
 */
public record Offer(String carrier, long priceMinor, int km, int minutes, boolean seen, String refused) {
    /** By so much a price that was named unseen may rise. Common practice, no source. */
    private static final int UNSEEN_PERCENT = 30;

    public Offer {
        carrier = Texts.line("carrier", carrier);
        if (priceMinor < 0 || km < 0 || minutes < 0)
            throw new InvalidValue(
                    "offer.negative", "Price, kilometres and minutes cannot be negative. Enter 0 or more.");
    }

    /** @param kmMinor what a kilometre costs @param hourMinor what an hour on the road is worth */
    public record Rates(long kmMinor, long hourMinor) {
        public Rates {
            if (kmMinor < 0 || hourMinor < 0)
                throw new InvalidValue("rates.negative", "What a kilometre and an hour are worth cannot be negative.");
        }
    }

    /** @param atMostMinor the same when a price named unseen rises */
    public record Compared(Offer offer, long totalMinor, long atMostMinor) {}

    public boolean isRefused() {
        return !refused.isEmpty();
    }

    /** Price, way and time; the time to the minute, half a minor unit up. */
    public long totalMinor(Rates rates) {
        return priceMinor + km * rates.kmMinor() + (minutes * rates.hourMinor() + 30) / 60;
    }

    /** The cheapest that somebody would do first, refusals at the end. */
    public static List<Compared> compare(Collection<Offer> offers, Rates rates) {
        return offers.stream()
                .map(o -> {
                    long total = o.totalMinor(rates);
                    return new Compared(o, total, o.seen() ? total : total + o.priceMinor() * UNSEEN_PERCENT / 100);
                })
                .sorted(Comparator.comparing((Compared c) -> c.offer().isRefused())
                        .thenComparing(Compared::totalMinor))
                .toList();
    }
}
