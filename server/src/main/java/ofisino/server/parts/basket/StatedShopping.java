package ofisino.server.parts.basket;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.ExchangeRate;
import ofisino.core.parts.basket.Basket;
import ofisino.core.parts.basket.Levies;
import ofisino.core.parts.basket.Offer;
import ofisino.core.parts.basket.Offered;
import ofisino.core.parts.basket.Seller;
import ofisino.core.parts.basket.SetPrice;
import ofisino.core.parts.basket.Shopping;
import ofisino.core.parts.basket.Want;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.PartsInPlan.InPlan;
import ofisino.server.parts.Sources.Holds;
import ofisino.server.parts.Sources.PartSource;
import ofisino.server.parts.Suppliers.ParcelTerms;
import ofisino.server.parts.Suppliers.Supplier;
import ofisino.server.parts.basket.BasketController.OfferLeftOut;
import ofisino.server.parts.basket.BasketController.PickResponse;
import ofisino.server.parts.basket.BasketController.PickedResponse;
import ofisino.server.parts.basket.BasketController.WhyLeftOut;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/** What is to be bought and what is offered, in the words of the solver and in the garage's own currency. */
final class StatedShopping {
    /** Who sells what nobody sells. */
    static final String HOME = "home";
    /** For what no planned job waits. */
    private static final int NO_HURRY = 3650;

    private final Map<UUID, Line> lineOf = new HashMap<>();
    private final Map<UUID, Line> lines = new LinkedHashMap<>();
    private final Map<UUID, Supplier> suppliers;
    private final Map<String, Seller> sellers;
    private final CurrencyUnit base;
    private final LocalDate today;
    private final List<PartSource> comparable;
    private final List<OfferLeftOut> leftOut;
    private final Shopping shopping;

    /** Same things, bought together. @param daysLeft until the first of them has to be there */
    record Line(List<Need> needs, OptionalInt daysLeft, int againMinutes) {
        UUID id() {
            return first().id();
        }

        Need first() {
            return needs.get(0);
        }

        int quantity() {
            return needs.stream().mapToInt(Need::quantity).sum();
        }
    }

    StatedShopping(
            List<Need> all,
            List<PartSource> sources,
            Set<UUID> neverUsed,
            List<Supplier> suppliers,
            Map<UUID, InPlan> inPlan,
            CurrencyUnit base,
            LocalDate today,
            long hourMinor) {
        this.suppliers = suppliers.stream().collect(Collectors.toMap(Supplier::id, Function.identity()));
        this.base = base;
        this.today = today;
        addLines(all, inPlan);
        List<PartSource> wanted = sources.stream()
                .filter(s -> s.holds().stream().anyMatch(h -> lineOf.containsKey(h.needId())))
                .toList();
        leftOut = wanted.stream()
                .flatMap(s -> why(s, neverUsed).map(w -> new OfferLeftOut(s.id(), w)).stream())
                .toList();
        comparable = wanted.stream().filter(s -> why(s, neverUsed).isEmpty()).toList();
        sellers = Stream.concat(
                        Stream.of(Seller.free(HOME)),
                        suppliers.stream().filter(this::hasRate).map(this::seller))
                .collect(Collectors.toMap(Seller::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
        shopping = new Shopping(
                lines.values().stream().map(StatedShopping::want).toList(),
                List.copyOf(sellers.values()),
                Offered.weighed(
                        comparable.stream().map(this::offered).toList(),
                        lines.values().stream().collect(Collectors.toMap(l -> l.id().toString(), Line::againMinutes)),
                        hourMinor));
    }

    private void addLines(List<Need> all, Map<UUID, InPlan> inPlan) {
        Map<String, List<Need>> same = all.stream()
                .filter(n -> n.state().isOrderable())
                .collect(Collectors.groupingBy(Need::sameAs, LinkedHashMap::new, Collectors.toList()));
        for (List<Need> needs : same.values()) {
            List<InPlan> planned = needs.stream()
                    .flatMap(n -> Optional.ofNullable(inPlan.get(n.id())).stream())
                    .toList();
            var line = new Line(
                    needs,
                    planned.stream().mapToInt(InPlan::daysLeft).min(),
                    planned.stream().mapToInt(InPlan::againMinutes).max().orElse(0));
            lines.put(line.id(), line);
            needs.forEach(n -> lineOf.put(n.id(), line));
        }
    }

    private static Want want(Line line) {
        return new Want(line.id().toString(), line.quantity(), line.daysLeft().orElse(NO_HURRY));
    }

    private Optional<WhyLeftOut> why(PartSource s, Set<UUID> neverUsed) {
        if (!hasRate(s)) return Optional.of(WhyLeftOut.NO_RATE);
        if (s.supplierId() != null && suppliers.get(s.supplierId()).avoid()) return Optional.of(WhyLeftOut.AVOIDED);
        if (s.said().kind() == SupplyKind.USED && s.holds().stream().anyMatch(h -> neverUsed.contains(h.needId())))
            return Optional.of(WhyLeftOut.BOUGHT_NEW);
        return Optional.empty();
    }

    private boolean hasRate(PartSource s) {
        return s.supplierId() == null || hasRate(suppliers.get(s.supplierId()));
    }

    private boolean hasRate(Supplier s) {
        return s.currency().equals(base.getCode()) || s.parcel().rate() != null;
    }

    private Seller seller(Supplier s) {
        ParcelTerms said = s.parcel();
        Long free = said.freeFromMinor();
        return new Seller(
                s.id().toString(),
                toBase(s, said.postMinor()),
                free == null ? OptionalLong.empty() : OptionalLong.of(toBase(s, free)),
                new Levies(said.dutyPerMille(), said.taxPerMille()));
    }

    private long toBase(Supplier s, long minor) {
        if (s.currency().equals(base.getCode())) return minor;
        CurrencyUnit foreign = CurrencyUnit.of(s.currency());
        return new ExchangeRate(foreign, base, s.parcel().rate(), today)
                .toBase(Money.ofMinor(foreign, minor))
                .getAmountMinorLong();
    }

    private long toBase(PartSource s, long minor) {
        return s.supplierId() == null ? minor : toBase(suppliers.get(s.supplierId()), minor);
    }

    private Offered offered(PartSource s) {
        Map<String, Integer> holds = new HashMap<>();
        for (Holds h : s.holds())
            if (lineOf.containsKey(h.needId()))
                holds.merge(lineOf.get(h.needId()).id().toString(), h.pieces(), Math::max);
        return new Offered(
                s.id().toString(),
                sellers.get(s.supplierId() == null ? HOME : s.supplierId().toString()),
                toBase(s, s.said().priceMinor()),
                holds,
                s.said().most(),
                s.said().leadDays(),
                s.said().wrongPercent());
    }

    Map<UUID, Line> lines() {
        return lines;
    }

    Shopping shopping() {
        return shopping;
    }

    /** Offers that are not compared, and why. */
    List<OfferLeftOut> leftOut() {
        return leftOut;
    }

    /** If it alone came in a parcel. */
    Basket.Parcel alone(Offer o) {
        return sellers.get(o.seller()).parcel(o.priceMinor(), o.riskMinor());
    }

    /** Money due that comes back, of one of it. */
    long depositMinor(String offer) {
        PartSource s = source(offer);
        return toBase(s, s.said().depositMinor());
    }

    private PartSource source(String offer) {
        return comparable.stream()
                .filter(s -> s.id().toString().equals(offer))
                .findFirst()
                .orElseThrow();
    }

    /** What it is for, all that is bought together. */
    List<Need> needsOf(Offer o) {
        return o.holds().keySet().stream()
                .flatMap(id -> lines.get(UUID.fromString(id)).needs().stream())
                .toList();
    }

    /** What is picked, with what each part of it costs in the seller's currency. */
    PickResponse picked(Basket.Pick pick, Offer o) {
        List<Need> its = needsOf(o);
        long[] amounts = SetPrice.on(
                pick.count() * source(pick.offer()).said().priceMinor(),
                its.stream().mapToLong(Need::estimateMinor).toArray());
        return new PickResponse(
                UUID.fromString(pick.offer()),
                pick.count(),
                IntStream.range(0, its.size())
                        .mapToObj(i -> new PickedResponse(its.get(i).id(), amounts[i]))
                        .toList());
    }
}
