package ofisino.core.parts.basket;

import java.util.List;
import java.util.Map;
import java.util.OptionalLong;

/**
 * What to buy where.
 *
 * @param picks     what is bought, in the order of the offers
 * @param parcels   by seller, in their order
 * @param without   wants that nobody offers, or not enough of
 * @param spare     by want: what is left over and becomes stock
 * @param lateDays  by which the latest of it comes too late for the plan; 0 when all is in time
 * @param mayBeDearerBy where the search was cut short: what it may be dearer than the best; empty where it is proven the best
 */
public record Basket(
        List<Pick> picks,
        List<Parcel> parcels,
        List<String> without,
        Map<String, Integer> spare,
        int lateDays,
        OptionalLong mayBeDearerBy) {
    /** So many of an offer. */
    public record Pick(String offer, int count) {}

    /**
     * One parcel's landed cost, line by line, in the garage's own currency.
     *
     * @param riskMinor what is to be feared of what is in it; no part of its sum
     */
    public record Parcel(
            String seller, long goodsMinor, long postMinor, long dutyMinor, long taxMinor, long riskMinor) {
        /** Landed. */
        public long totalMinor() {
            return goodsMinor + postMinor + dutyMinor + taxMinor;
        }
    }

    public Basket {
        picks = List.copyOf(picks);
        parcels = List.copyOf(parcels);
        without = List.copyOf(without);
        spare = Map.copyOf(spare);
    }

    /** Landed cost of all parcels. */
    public long totalMinor() {
        return parcels.stream().mapToLong(Parcel::totalMinor).sum();
    }

    /** What is to be feared of it, in money. */
    public long riskMinor() {
        return parcels.stream().mapToLong(Parcel::riskMinor).sum();
    }
}
