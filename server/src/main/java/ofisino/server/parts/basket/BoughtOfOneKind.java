package ofisino.server.parts.basket;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Apportion;
import ofisino.core.parts.basket.Basket;
import ofisino.core.parts.basket.Baskets;
import ofisino.core.parts.basket.Landed;
import ofisino.core.parts.basket.Shopping;
import ofisino.core.parts.donor.NotFromDonors;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.PartsInPlan;
import ofisino.server.parts.PartsOtherwise;
import ofisino.server.parts.Sources;
import ofisino.server.parts.Suppliers;
import ofisino.server.vehicle.Anatomies;
import org.springframework.stereotype.Service;

/** The cheapest basket of offers of one kind alone. */
@Service
record BoughtOfOneKind(
        Needs needs,
        Sources sources,
        Suppliers suppliers,
        PartsInPlan inPlan,
        NotFromDonors notFromDonors,
        Anatomies anatomies,
        Garages garages,
        Clock clock)
        implements PartsOtherwise {
    @Override
    public List<BoughtSo> of(Caller caller, UUID projectId, SupplyKind kind) {
        Map<UUID, UUID> unopened = needs.unopened(caller, projectId);
        Anatomy anatomy = anatomies.of(caller, projectId);
        List<Need> wanted = needs.of(caller, projectId).stream()
                .filter(n -> !unopened.containsKey(n.id())
                        && notFromDonors.allows(
                                kind, Optional.ofNullable(n.item()).flatMap(anatomy::find)))
                .toList();
        var stated = new StatedShopping(
                wanted,
                sources.of(caller, projectId).stream()
                        .filter(s -> s.said().kind() == kind)
                        .toList(),
                suppliers.all(caller),
                inPlan.of(caller, projectId),
                garages.baseCurrency(caller),
                LocalDate.now(clock.withZone(garages.zone(caller))),
                inPlan.hourMinor(caller));
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
