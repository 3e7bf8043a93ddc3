package ofisino.core.parts.basket;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Set;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** What each thing of a basket costs at the door. */
class LandedTest {
    /** By hand: 60.00 and 30.00 with 9.00 post are 66.00 and 33.00. What costs nothing in a parcel bears nothing of its post. */
    @Test
    void postIsSharedOutByThePriceOfWhatIsInTheParcel() {
        var a = new Seller("a", 900, OptionalLong.empty(), Levies.NONE);
        var shopping = new Shopping(
                List.of(new Want("starter", 1, 30), new Want("pump", 1, 30), new Want("clip", 1, 30)),
                List.of(a),
                List.of(
                        new Offer("s", "a", 6000, Map.of("starter", 1), 1, 3, 0),
                        new Offer("p", "a", 3000, Map.of("pump", 1), 1, 3, 0),
                        new Offer("c", "a", 0, Map.of("clip", 1), 1, 3, 0)));
        assertThat(Landed.byWant(Baskets.cheapest(shopping), shopping, Map.of()))
                .containsExactlyInAnyOrderEntriesOf(Map.of("starter", 6600L, "pump", 3300L, "clip", 0L));
    }

    /** A kit of two at 9.01 is 4.51 and 4.50; what comes for nothing is posted all the same. */
    @Test
    void aKitIsSharedAlikeToTheCent() {
        var free = Seller.free("a");
        var kit = new Shopping(
                List.of(new Want("left", 1, 30), new Want("right", 1, 30)),
                List.of(free),
                List.of(new Offer("kit", "a", 901, Map.of("left", 1, "right", 1, "not wanted", 1), 1, 3, 0)));
        assertThat(Landed.byWant(Baskets.cheapest(kit), kit, Map.of())).isEqualTo(Map.of("left", 451L, "right", 450L));
        assertThat(Landed.byWant(Baskets.cheapest(kit), kit, Map.of("left", 200L, "right", 100L)))
                .as("by what is expected, where that is known of each")
                .isEqualTo(Map.of("left", 601L, "right", 300L));
        var posted = new Shopping(
                List.of(new Want("badge", 1, 30)),
                List.of(new Seller("b", 500, OptionalLong.empty(), Levies.NONE)),
                List.of(new Offer("gift", "b", 0, Map.of("badge", 1), 1, 3, 0)));
        assertThat(Landed.byWant(Baskets.cheapest(posted), posted, Map.of())).isEqualTo(Map.of("badge", 500L));
    }

    /** Two seals are wanted and one comes with the kit: it is not bought so, and bears nothing. */
    @Test
    void whatThereIsNotEnoughOfBearsNothing() {
        var kit = new Shopping(
                List.of(new Want("cylinder", 1, 30), new Want("seal", 2, 30)),
                List.of(Seller.free("a")),
                List.of(new Offer("kit", "a", 900, Map.of("cylinder", 1, "seal", 1), 1, 3, 0)));
        assertThat(Landed.byWant(Baskets.cheapest(kit), kit, Map.of())).isEqualTo(Map.of("cylinder", 900L));
    }

    @Property(tries = 200)
    void theSharesSumToTheBasketAndNothingElseIsCharged(@ForAll long seed) {
        Shopping shopping = BasketTest.drawn(new SplittableRandom(seed), 5);
        Basket basket = Baskets.cheapest(shopping);
        Map<String, Long> landed = Landed.byWant(basket, shopping, Map.of());
        assertThat(landed.values().stream().mapToLong(m -> m).sum()).isEqualTo(basket.totalMinor());
        assertThat(landed.values()).allMatch(minor -> minor >= 0);
        Set<String> bought = new HashSet<>(shopping.wantsById().keySet());
        bought.removeAll(basket.without());
        assertThat(landed.keySet()).isEqualTo(bought);
    }
}
