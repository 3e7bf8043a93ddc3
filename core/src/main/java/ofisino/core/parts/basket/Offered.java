package ofisino.core.parts.basket;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import ofisino.core.parts.sourcing.Rework;

/**
 * What somebody offers, before it is weighed what is to be feared of it; see {@link Offer}.
 *
 * @param wrongPercent how many in a hundred fail or do not fit, 0 to 100
 */
public record Offered(
        String id,
        Seller seller,
        long priceMinor,
        Map<String, Integer> holds,
        int most,
        int leadDays,
        int wrongPercent) {
    public Offered {
        holds = Map.copyOf(holds);
    }

    /**
     * Each with what is to be feared of it: of what is in it, that is done again which takes longest; the right one is the cheapest that is less often
     * wrong, or the same once more.
     *
     * @param againMinutes by want: its job and the way in, if it has to be done once more
     * @param hourMinor    what an hour is worth
     */
    public static List<Offer> weighed(List<Offered> all, Map<String, Integer> againMinutes, long hourMinor) {
        return all.stream()
                .map(o -> new Offer(
                        o.id,
                        o.seller.id(),
                        o.priceMinor,
                        o.holds,
                        o.most,
                        o.leadDays,
                        o.rework(all, againMinutes, hourMinor).riskMinor(o.wrongPercent)))
                .toList();
    }

    private Rework rework(List<Offered> all, Map<String, Integer> againMinutes, long hourMinor) {
        long right = all.stream()
                .filter(o -> o.wrongPercent < wrongPercent && !Collections.disjoint(o.holds.keySet(), holds.keySet()))
                .mapToLong(Offered::landedMinor)
                .min()
                .orElse(landedMinor());
        int minutes = holds.keySet().stream()
                .mapToInt(w -> againMinutes.getOrDefault(w, 0))
                .max()
                .orElse(0);
        return new Rework(minutes, hourMinor, seller.postMinor(), right);
    }

    private long landedMinor() {
        return seller.parcel(priceMinor, 0).totalMinor();
    }
}
