package ofisino.server.parts.asking;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.parts.order.Confirmation;
import ofisino.core.parts.order.ReturnWindow;
import ofisino.core.parts.sourcing.OrderDates;
import ofisino.core.parts.sourcing.Supply;
import ofisino.core.parts.sourcing.SupplyKind;
import ofisino.core.parts.sourcing.UsuallyWrong;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.Orders;
import ofisino.server.parts.Orders.Order;
import ofisino.server.parts.Sources;
import ofisino.server.parts.Sources.Holds;
import ofisino.server.parts.Sources.PartSource;
import ofisino.server.parts.Suppliers;
import ofisino.server.parts.Suppliers.ParcelTerms;
import ofisino.server.parts.asking.AskingController.ArticleOffered;
import ofisino.server.parts.asking.AskingController.AskedResponse;
import ofisino.server.parts.asking.AskingController.OrderSent;
import ofisino.server.parts.asking.AskingController.SellerAnswerState;
import ofisino.server.parts.asking.AskingController.SellerAnswered;
import ofisino.server.parts.asking.AskingController.SendingAnswer;
import ofisino.server.parts.asking.AskingController.SendingsResponse;
import ofisino.server.parts.asking.AskingController.TakenRequest;
import ofisino.server.parts.asking.AskingMapper.NumberedLine;
import ofisino.server.parts.asking.AskingMapper.SendingRow;
import ofisino.server.parts.asking.SellersLine.NoAnswer;
import ofisino.server.parts.asking.SellersLine.WireAnswer;
import ofisino.server.parts.asking.SellersLine.WireArticle;
import ofisino.server.parts.asking.SellersLine.WireLine;
import ofisino.server.parts.asking.SellersLine.WireOrder;
import ofisino.server.parts.asking.SellersLine.WireSeller;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** Sellers who answer over the wire: what they have, and what they say to an order. Nothing that they say is believed unread. */
@Service
record AskingService(
        SellersLine line,
        AskingMapper mapper,
        Needs needs,
        Sources sources,
        Suppliers suppliers,
        Orders orders,
        UsuallyWrong usuallyWrong,
        Projects projects,
        Garages garages,
        Clock clock) {
    private static final int MOST_WORDS = 80;
    private static final int MOST_REASON = 400;

    AskedResponse ask(String words) {
        String asked = Texts.line("words", words);
        if (asked.length() > MOST_WORDS)
            throw InvalidValue.at(
                    "words", "asking.long", "Nobody finds so long a name.", "Ask with one or two words of it.");
        if (!line.isThere()) return new AskedResponse(false, List.of());
        List<WireSeller> all;
        try {
            all = line.sellers();
        } catch (NoAnswer e) {
            return new AskedResponse(true, List.of());
        }
        return new AskedResponse(true, line.askAll(all, s -> answered(s, asked)));
    }

    private SellerAnswered answered(WireSeller seller, String words) {
        try {
            List<WireArticle> found = line.articles(seller.id(), words);
            List<ArticleOffered> right = found.stream()
                    .filter(a -> isPossible(seller, a))
                    .map(a ->
                            new ArticleOffered(a.number(), a.name(), a.priceMinor(), a.currency(), a.stock(), a.days()))
                    .toList();
            return new SellerAnswered(
                    seller.id(), seller.name(), SellerAnswerState.ANSWERED, right, found.size() - right.size());
        } catch (NoAnswer e) {
            return new SellerAnswered(seller.id(), seller.name(), SellerAnswerState.NO_ANSWER, List.of(), 0);
        }
    }

    /** What cannot be right is no offer. */
    private static boolean isPossible(WireSeller seller, WireArticle a) {
        try {
            Currencies.minor("priceMinor", Currencies.of("currency", a.currency()), a.priceMinor());
            Texts.line("article", a.number());
            Texts.line("name", a.name());
            OrderDates.withUsualCheck(a.days());
            return a.priceMinor() > 0 && a.stock() >= 0 && a.currency().equals(seller.currency());
        } catch (InvalidValue e) {
            return false;
        }
    }

    void take(Caller caller, UUID needId, TakenRequest taken) {
        Need need = needs.open(caller, needId);
        ArticleOffered a = taken.article();
        if (a.stock() < 1)
            throw InvalidValue.at(
                    "article",
                    "asking.none",
                    "“%s” has none of it now.",
                    "Take another offer, or ask again another day.",
                    taken.seller());
        UUID supplier = mapper.supplierOnWire(caller.garageId(), taken.seller())
                .orElseGet(() -> supplierOf(caller, taken.seller(), taken.supplierId()));
        mustSellIn(caller, supplier, a.currency());
        var said = new Supply(
                SupplyKind.NEW_PATTERN,
                a.name(),
                a.priceMinor(),
                0,
                Math.min(a.stock(), Supply.MOST),
                a.days(),
                usuallyWrong.percent().get(SupplyKind.NEW_PATTERN));
        sources.note(
                caller,
                need.projectId(),
                new PartSource(
                        taken.sourceId(),
                        need.projectId(),
                        supplier,
                        a.article(),
                        said,
                        List.of(new Holds(needId, 1)),
                        0));
    }

    private void mustSellIn(Caller caller, UUID supplier, String currency) {
        if (suppliers.all(caller).stream()
                .noneMatch(s -> s.id().equals(supplier) && s.currency().equals(currency)))
            throw InvalidValue.at(
                    "article",
                    "asking.currency",
                    "The seller is noted in another currency than %s.",
                    "Type the offer by hand, or note the seller a second time in that currency.",
                    currency);
    }

    /** One whom the garage knows by name already is the same one; else he is noted with what his parcels cost. */
    private UUID supplierOf(Caller caller, String wireName, UUID newId) {
        WireSeller seller = sellers().stream()
                .filter(s -> s.id().equals(wireName))
                .findFirst()
                .orElseThrow(() ->
                        InvalidValue.at("seller", "asking.seller", "“%s” sells nothing here.", "Ask again.", wireName));
        UUID known = suppliers.all(caller).stream()
                .filter(s ->
                        s.name().equalsIgnoreCase(seller.name()) && s.currency().equals(seller.currency()))
                .map(Suppliers.Supplier::id)
                .findFirst()
                .orElseGet(() -> {
                    suppliers.note(caller, newId, seller.name(), seller.currency(), parcel(seller));
                    return newId;
                });
        mapper.putWireName(caller.garageId(), known, wireName);
        return known;
    }

    private List<WireSeller> sellers() {
        try {
            return line.sellers();
        } catch (NoAnswer e) {
            throw InvalidValue.at(
                    "seller", "asking.nobody", "The sellers do not answer now.", "Try again, or type the offer.");
        }
    }

    private static ParcelTerms parcel(WireSeller s) {
        return new ParcelTerms(
                Math.max(0, s.postMinor()),
                s.freeFromMinor() > 0 ? s.freeFromMinor() : null,
                0,
                0,
                null,
                s.returnDays() > 0 && s.returnDays() <= ReturnWindow.LONGEST_DAYS ? s.returnDays() : null);
    }

    SendingsResponse sent(Caller caller, UUID projectId) {
        Map<UUID, Order> byId = new LinkedHashMap<>();
        orders.of(caller, projectId).forEach(o -> byId.put(o.id(), o));
        List<SendingRow> rows = mapper.sendings(caller.garageId(), projectId);
        List<UUID> sendable = byId.values().stream()
                .filter(o -> line.isThere()
                        && rows.stream().noneMatch(r -> r.orderId().equals(o.id())))
                .filter(AskingService::isAllToCome)
                .filter(o -> mapper.wireName(caller.garageId(), o.terms().supplierId())
                        .isPresent())
                .filter(o -> mapper.lines(caller.garageId(), o.id()).size()
                        == o.lines().size())
                .map(Order::id)
                .toList();
        return new SendingsResponse(
                line.isThere(),
                rows.stream().map(r -> told(byId.get(r.orderId()), r)).toList(),
                sendable);
    }

    /** What has come or was called off is not asked for once more. */
    private static boolean isAllToCome(Order order) {
        return order.lines().stream().allMatch(l -> l.arrivedOn() == null && l.returnedOn() == null);
    }

    OrderSent send(Caller caller, UUID orderId) {
        Order order = orders.require(caller, orderId);
        projects.requireOpen(caller, order.projectId());
        if (!isAllToCome(order))
            throw Conflict.of(
                    "sending.begun",
                    "Some of this order has come already, or was called off.",
                    "Order what is still needed anew, and send that.");
        Optional<SendingRow> before = mapper.sendings(caller.garageId(), order.projectId()).stream()
                .filter(r -> r.orderId().equals(orderId) && r.answer() != SendingAnswer.UNSURE)
                .findFirst();
        if (before.isPresent())
            throw InvalidValue.of(
                    "sending.answered",
                    "This order was sent and answered.",
                    "Settle what differs with the seller himself.");
        String seller = mapper.wireName(caller.garageId(), order.terms().supplierId())
                .filter(name -> line.isThere())
                .orElseThrow(() -> InvalidValue.of(
                        "sending.nobody",
                        "“%s” takes no orders online.",
                        "Save it as a text, or print it, and send that.",
                        order.supplier()));
        SendingRow row = answeredOn(caller, order, seller);
        mapper.put(caller.garageId(), row);
        return told(order, row);
    }

    private SendingRow answeredOn(Caller caller, Order order, String seller) {
        LocalDate today = LocalDate.now(clock.withZone(garages.zone(caller)));
        try {
            WireAnswer said = line.order(seller, order.id(), wire(caller, order));
            if (!"ACCEPTED".equals(said.state()))
                return row(order, today, SendingAnswer.REFUSED, Optional.empty(), 0, shortened(said.reason()));
            long goods = said.lines().stream()
                    .mapToLong(l -> Math.multiplyExact(l.priceMinor(), (long) l.quantity()))
                    .reduce(0, Math::addExact);
            OrderDates.withUsualCheck(said.days());
            Currencies.minor(
                    "priceMinor", Currencies.of("currency", order.terms().currency()), goods);
            return row(order, today, SendingAnswer.ACCEPTED, Optional.of(goods), said.days(), "");
        } catch (NoAnswer | InvalidValue | ArithmeticException e) {
            return row(order, today, SendingAnswer.UNSURE, Optional.empty(), 0, "");
        }
    }

    private static SendingRow row(
            Order order, LocalDate today, SendingAnswer answer, Optional<Long> goods, int days, String reason) {
        return new SendingRow(
                UUID.randomUUID(),
                order.id(),
                today,
                answer,
                goods.orElse(null),
                goods.isPresent() ? today.plusDays(days) : null,
                reason);
    }

    private static String shortened(String reason) {
        return reason.length() <= MOST_REASON ? reason : reason.substring(0, MOST_REASON);
    }

    /** As many of each article as were reckoned with when it was ordered: a kit for several parts is one. */
    private WireOrder wire(Caller caller, Order order) {
        Map<UUID, NumberedLine> numbers = new HashMap<>();
        mapper.lines(caller.garageId(), order.id()).forEach(l -> numbers.put(l.lineId(), l));
        Map<String, Long> amounts = new LinkedHashMap<>();
        Map<String, Long> prices = new HashMap<>();
        for (Order.Line l : order.lines()) {
            NumberedLine number = numbers.get(l.id());
            if (number == null)
                throw InvalidValue.of(
                        "sending.number",
                        "Nobody knows the seller's number of “%s”.",
                        "Ask the seller again at the part and take his offer, or send the order as a text.",
                        l.title());
            amounts.merge(number.article(), l.amountMinor(), Math::addExact);
            prices.put(number.article(), number.priceMinor());
        }
        return new WireOrder(amounts.entrySet().stream()
                .map(e -> new WireLine(
                        e.getKey(),
                        Confirmation.countFor(e.getValue(), prices.get(e.getKey())),
                        prices.get(e.getKey())))
                .toList());
    }

    private static OrderSent told(Order order, SendingRow row) {
        Optional<Confirmation> said = Optional.ofNullable(row.saidMinor())
                .map(minor -> new Confirmation(
                        order.totalMinor() - order.terms().postMinor(),
                        minor,
                        order.terms().expectedOn(),
                        row.saidOn()));
        return new OrderSent(
                order.id(),
                row.sentOn(),
                row.answer(),
                said.map(Confirmation::dearerMinor).orElse(null),
                row.saidOn(),
                said.map(Confirmation::laterDays).orElse(0L),
                said.map(Confirmation::agrees).orElse(false),
                row.reason());
    }
}
