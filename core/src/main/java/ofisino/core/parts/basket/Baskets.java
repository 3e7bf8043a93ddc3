package ofisino.core.parts.basket;

import java.util.List;
import java.util.Map;

/** Three ways to buy the same things. The best of their kind, unless {@link Basket#mayBeDearerBy} says that the search was cut short. */
public final class Baskets {
    private Baskets() {}

    /** Least landed cost with what is to be feared in it. */
    public static Basket cheapest(Shopping shopping) {
        List<String> without = shopping.beyondReach();
        return new BasketSearch(shopping.without(without)).cheapest(without);
    }

    /** Least lateness beside the plan; of what is equally late, the cheapest. */
    public static Basket soonest(Shopping shopping) {
        List<String> without = shopping.beyondReach();
        Shopping open = shopping.without(without);
        Map<String, Want> wants = open.wantsById();
        int[] steps = open.offers().stream()
                .mapToInt(o -> o.lateDays(wants))
                .sorted()
                .distinct()
                .toArray();
        for (int late : steps) {
            Shopping soon = open.withOffers(open.offers().stream()
                    .filter(o -> o.lateDays(wants) <= late)
                    .toList());
            if (soon.beyondReach().isEmpty()) return new BasketSearch(soon).cheapest(without);
        }
        return new BasketSearch(open).cheapest(without);
    }

    /** From as few sellers as can be; of those the cheapest. */
    public static Basket fewestParcels(Shopping shopping) {
        List<String> without = shopping.beyondReach();
        return new BasketSearch(shopping.without(without)).fewestParcels(without);
    }
}
