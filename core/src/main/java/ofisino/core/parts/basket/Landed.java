package ofisino.core.parts.basket;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.parts.order.PostShare;

/** What each thing of a basket costs at the door. */
public final class Landed {
    private Landed() {}

    /**
     * A parcel's post and levies are shared out as {@link PostShare} does; the price of one that holds several things as {@link SetPrice} does, by
     * those that it fills.
     *
     * @param expectedMinor what is expected of each want, in the same unit; what is not named is not known
     * @return by want that is bought, in minor units of the garage's own currency; summing to the basket's total
     */
    public static Map<String, Long> byWant(Basket basket, Shopping shopping, Map<String, Long> expectedMinor) {
        Map<String, Offer> offers =
                shopping.offers().stream().collect(Collectors.toMap(Offer::id, Function.identity()));
        Map<String, Long> landed = new TreeMap<>();
        for (Basket.Parcel parcel : basket.parcels()) {
            List<Basket.Pick> its = basket.picks().stream()
                    .filter(p -> offers.get(p.offer()).seller().equals(parcel.seller()))
                    .toList();
            long[] shares = PostShare.landed(
                    parcel.totalMinor() - parcel.goodsMinor(),
                    its.stream()
                            .mapToLong(p -> p.count() * offers.get(p.offer()).priceMinor())
                            .toArray());
            for (int i = 0; i < shares.length; i++) {
                List<String> holds =
                        new ArrayList<>(offers.get(its.get(i).offer()).holds().keySet());
                holds.retainAll(shopping.wantsById().keySet());
                holds.removeAll(basket.without());
                holds.sort(null);
                long[] each = SetPrice.on(
                        shares[i],
                        holds.stream()
                                .mapToLong(want -> expectedMinor.getOrDefault(want, 0L))
                                .toArray());
                for (int j = 0; j < each.length; j++) landed.merge(holds.get(j), each[j], Long::sum);
            }
        }
        return landed;
    }
}
