package ofisino.server.parts.basket;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.parts.basket.Basket;
import ofisino.core.parts.basket.Baskets;
import ofisino.core.parts.basket.Offer;
import ofisino.core.parts.basket.Shopping;
import ofisino.core.parts.sourcing.UsuallyWrong;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Needs;
import ofisino.server.parts.PartsInPlan;
import ofisino.server.parts.basket.BasketController.BasketKind;
import ofisino.server.parts.basket.BasketController.BasketResponse;
import ofisino.server.parts.basket.BasketController.ParcelResponse;
import ofisino.server.parts.basket.BasketController.PartOfferResponse;
import ofisino.server.parts.basket.BasketController.ShoppingResponse;
import ofisino.server.parts.basket.BasketController.SpareResponse;
import ofisino.server.parts.basket.BasketController.WantResponse;
import org.springframework.stereotype.Service;

/** Puts what is needed and what is offered to the solver, and its answer beside the plan. */
@Service
record BasketService(ShoppingToState toState, PartsInPlan inPlan, UsuallyWrong usuallyWrong) {
    ShoppingResponse of(Caller caller, UUID projectId) {
        StatedShopping stated = toState.of(caller, projectId);
        LocalDate today = toState.today(caller);
        Shopping shopping = stated.shopping();
        List<BasketResponse> baskets = new ArrayList<>();
        if (!shopping.offers().isEmpty())
            for (BasketKind kind : BasketKind.values()) {
                Basket basket = switch (kind) {
                    case CHEAPEST -> Baskets.cheapest(shopping);
                    case SOONEST -> Baskets.soonest(shopping);
                    case FEWEST_PARCELS -> Baskets.fewestParcels(shopping);
                };
                baskets.add(response(caller, projectId, stated, kind, basket));
            }
        return new ShoppingResponse(
                stated.lines().values().stream().map(l -> want(l, today)).toList(),
                shopping.offers().stream()
                        .map(o -> new PartOfferResponse(
                                UUID.fromString(o.id()),
                                parcel(stated.alone(o)),
                                o.riskMinor(),
                                stated.depositMinor(o.id()),
                                shopping.lateDays(o)))
                        .toList(),
                baskets,
                inPlan.hourMinor(caller),
                stated.leftOut(),
                usuallyWrong.percent());
    }

    private static WantResponse want(StatedShopping.Line line, LocalDate today) {
        return new WantResponse(
                line.id(),
                line.first().title(),
                line.first().side(),
                line.quantity(),
                line.first().unit(),
                line.needs().stream().map(Needs.Need::id).toList(),
                line.daysLeft().isPresent() ? today.plusDays(line.daysLeft().getAsInt()) : null);
    }

    private BasketResponse response(
            Caller caller, UUID projectId, StatedShopping stated, BasketKind kind, Basket basket) {
        Map<String, Offer> offers =
                stated.shopping().offers().stream().collect(Collectors.toMap(Offer::id, Function.identity()));
        Map<UUID, Integer> leadDays = new HashMap<>();
        for (Basket.Pick p : basket.picks()) {
            Offer o = offers.get(p.offer());
            stated.needsOf(o).forEach(n -> leadDays.merge(n.id(), o.leadDays(), Math::max));
        }
        return new BasketResponse(
                kind,
                basket.picks().stream()
                        .map(p -> stated.picked(p, offers.get(p.offer())))
                        .toList(),
                basket.parcels().stream().map(BasketService::parcel).toList(),
                basket.totalMinor(),
                basket.riskMinor(),
                basket.picks().stream()
                        .mapToLong(p -> p.count() * stated.depositMinor(p.offer()))
                        .sum(),
                basket.spare().entrySet().stream()
                        .map(e -> new SpareResponse(UUID.fromString(e.getKey()), e.getValue()))
                        .sorted(Comparator.comparing(SpareResponse::wantId))
                        .toList(),
                basket.without().stream().map(UUID::fromString).toList(),
                basket.lateDays(),
                basket.mayBeDearerBy().isPresent() ? basket.mayBeDearerBy().getAsLong() : null,
                inPlan.roadReadyOn(caller, projectId, leadDays).orElse(null));
    }

    private static ParcelResponse parcel(Basket.Parcel p) {
        return new ParcelResponse(
                p.seller().equals(StatedShopping.HOME) ? null : UUID.fromString(p.seller()),
                p.goodsMinor(),
                p.postMinor(),
                p.dutyMinor(),
                p.taxMinor(),
                p.totalMinor());
    }
}
