package ofisino.core.parts.basket;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** All that is wanted, all that is offered, and by whom. */
public record Shopping(List<Want> wants, List<Seller> sellers, List<Offer> offers) {
    public Shopping {
        wants = List.copyOf(wants);
        sellers = List.copyOf(sellers);
        offers = List.copyOf(offers);
        Set<String> known = sellers.stream().map(Seller::id).collect(Collectors.toSet());
        for (Offer o : offers)
            if (!known.contains(o.seller())) throw new IllegalArgumentException("Nobody sells " + o.id());
        if (wants.stream().map(Want::id).distinct().count() < wants.size())
            throw new IllegalArgumentException("The same is wanted twice: it is one want");
    }

    /** Days by which an offer comes too late for one of those that it is for; 0 when it is in time. */
    public int lateDays(Offer offer) {
        return offer.lateDays(wantsById());
    }

    Map<String, Want> wantsById() {
        return wants.stream().collect(Collectors.toMap(Want::id, Function.identity()));
    }

    /** Wants that all offers together do not fill. */
    List<String> beyondReach() {
        return wants.stream()
                .filter(w -> offers.stream()
                                .mapToLong(o -> (long) o.most() * o.holds().getOrDefault(w.id(), 0))
                                .sum()
                        < w.quantity())
                .map(Want::id)
                .toList();
    }

    /** The same without those wants. */
    Shopping without(List<String> ids) {
        return new Shopping(wants.stream().filter(w -> !ids.contains(w.id())).toList(), sellers, offers);
    }

    /** The same with some of its offers. */
    Shopping withOffers(List<Offer> some) {
        return new Shopping(wants, sellers, some);
    }
}
