package ofisino.server.parts.basket;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Apportion;
import ofisino.core.parts.basket.Basket;
import ofisino.core.parts.basket.Baskets;
import ofisino.core.parts.basket.Landed;
import ofisino.core.parts.basket.Shopping;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.PartsOtherwise;
import org.springframework.stereotype.Service;

/** The cheapest basket of offers of one kind alone. */
@Service
record BoughtOfOneKind(ShoppingToState toState) implements PartsOtherwise {
    @Override
    public List<BoughtSo> of(Caller caller, UUID projectId, SupplyKind kind) {
        StatedShopping stated = toState.of(caller, projectId, kind);
        Shopping shopping = stated.shopping();
        return shopping.offers().isEmpty() ? List.of() : bought(stated, shopping, Baskets.cheapest(shopping));
    }

    private static List<BoughtSo> bought(StatedShopping stated, Shopping shopping, Basket basket) {
        Map<String, Integer> leadDays = basket.picks().stream()
                .flatMap(p -> shopping.offers().stream().filter(o -> o.id().equals(p.offer())))
                .flatMap(o -> o.holds().keySet().stream().map(want -> Map.entry(want, o.leadDays())))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, Math::max));
        Map<String, Long> expected = stated.lines().values().stream()
                .collect(Collectors.toMap(
                        l -> l.id().toString(),
                        l -> l.needs().stream().mapToLong(Need::estimateMinor).sum()));
        return Landed.byWant(basket, shopping, expected).entrySet().stream()
                .flatMap(e -> shared(
                        stated.lines().get(UUID.fromString(e.getKey())).needs(),
                        e.getValue(),
                        leadDays.get(e.getKey())))
                .toList();
    }

    private static Stream<BoughtSo> shared(List<Need> its, long landedMinor, int leadDays) {
        long[] each = Apportion.byLargestRemainder(
                landedMinor, its.stream().mapToLong(Need::quantity).toArray());
        return IntStream.range(0, its.size()).mapToObj(i -> new BoughtSo(its.get(i), each[i], leadDays));
    }
}
