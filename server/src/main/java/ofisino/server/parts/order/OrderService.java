package ofisino.server.parts.order;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.ExchangeRate;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.parts.order.ReturnWindow;
import ofisino.core.parts.shelf.Stock;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.DepositLeft;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.Orders;
import ofisino.server.parts.Orders.Terms;
import ofisino.server.parts.order.OrderController.DepositRequest;
import ofisino.server.parts.order.OrderController.LineRequest;
import ofisino.server.parts.order.OrderController.NewOrderRequest;
import ofisino.server.parts.order.OrderMapper.LineRow;
import ofisino.server.parts.order.OrderMapper.NewLine;
import ofisino.server.parts.order.OrderMapper.OrderRow;
import ofisino.server.vehicle.Projects;
import org.joda.money.CurrencyUnit;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Orders: what, from whom, for how much in which currency, and when it should come. */
@Service
record OrderService(
        OrderMapper mapper,
        Needs needs,
        Consumables consumables,
        Projects projects,
        Garages garages,
        ApplicationEventPublisher events)
        implements Orders {
    @Override
    public List<Order> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        List<LineRow> lines = mapper.lines(caller.garageId(), projectId);
        return mapper.of(caller.garageId(), projectId).stream()
                .map(o -> order(o, lines))
                .toList();
    }

    @Override
    public Order require(Caller caller, UUID id) {
        OrderRow row = Stored.require(mapper.find(caller.garageId(), id), "order", id);
        return order(row, mapper.lines(caller.garageId(), row.projectId()));
    }

    private static Order order(OrderRow o, List<LineRow> lines) {
        return new Order(
                o.id(),
                o.projectId(),
                o.supplier(),
                o.terms(),
                lines.stream()
                        .filter(l -> l.orderId().equals(o.id()))
                        .map(LineRow::line)
                        .toList());
    }

    Order place(Caller caller, UUID projectId, NewOrderRequest wish) {
        projects.requireOpen(caller, projectId);
        Terms said = wish.terms();
        CurrencyUnit currency = Currencies.of("currency", said.currency());
        var rate = new ExchangeRate(currency, garages.baseCurrency(caller), said.rate(), said.rateOn());
        if (wish.lines().isEmpty())
            throw InvalidValue.at("lines", "order.empty", "Nothing is ordered yet.", "Choose at least one part.");
        if (said.expectedOn().isBefore(said.orderedOn()))
            throw InvalidValue.at(
                    "expectedOn",
                    "order.expected",
                    "It cannot be expected on %s before it is ordered on %s.",
                    "Correct one of the two days.",
                    said.expectedOn(),
                    said.orderedOn());
        if (wish.returnDays() != null) new ReturnWindow(said.orderedOn(), wish.returnDays());
        mapper.insert(
                caller.garageId(),
                new OrderRow(
                        wish.id(),
                        projectId,
                        "",
                        new Terms(
                                said.supplierId(),
                                Texts.optionalLine("reference", said.reference()),
                                currency.getCode(),
                                rate.basePerForeign(),
                                rate.date(),
                                amount("postMinor", currency, said.postMinor()),
                                said.orderedOn(),
                                said.expectedOn())));
        Map<UUID, Integer> leftOver = leftOver(caller, wish.lines());
        for (LineRequest line : wish.lines()) {
            mapper.insertLine(
                    caller.garageId(),
                    wish.id(),
                    new NewLine(
                            line.needId(),
                            amount("amountMinor", currency, line.amountMinor()),
                            wish.returnDays(),
                            spare(line, leftOver)));
        }
        needs.ordered(caller, wish.lines().stream().map(LineRequest::needId).toList());
        Order placed = require(caller, wish.id());
        if (wish.deposit() != null) leave(caller, placed, wish.deposit());
        return placed;
    }

    private void leave(Caller caller, Order order, DepositRequest left) {
        if (left.minor() <= 0)
            throw InvalidValue.at(
                    "deposit", "order.deposit", "That is no deposit.", "Enter what was left, or leave it empty.");
        if (left.returnBy().isBefore(order.terms().orderedOn()))
            throw InvalidValue.at(
                    "depositReturnBy",
                    "order.deposit-day",
                    "The old part cannot be due on %s, before the order of %s.",
                    "Correct one of the two days.",
                    left.returnBy(),
                    order.terms().orderedOn());
        events.publishEvent(new DepositLeft(caller, order, left.entryId(), left.minor(), left.returnBy()));
    }

    private static int spare(LineRequest line, Map<UUID, Integer> leftOver) {
        int spare = line.sparePieces() == null ? leftOver.getOrDefault(line.needId(), 0) : line.sparePieces();
        new Stock(spare, OptionalInt.empty(), 0, 0);
        return spare;
    }

    /** What is bought together comes in the fewest packs; what they leave over stands at the first. */
    private Map<UUID, Integer> leftOver(Caller caller, List<LineRequest> lines) {
        Map<String, List<Need>> together = lines.stream()
                .map(line -> needs.open(caller, line.needId()))
                .collect(Collectors.groupingBy(Need::sameAs, LinkedHashMap::new, Collectors.toList()));
        Map<UUID, Integer> found = new HashMap<>();
        for (List<Need> same : together.values())
            Optional.ofNullable(same.get(0).item())
                    .flatMap(consumables::find)
                    .ifPresent(c -> found.put(
                            same.get(0).id(),
                            c.leftOver(same.stream().mapToInt(Need::quantity).sum())));
        return found;
    }

    private static long amount(String field, CurrencyUnit currency, long minor) {
        if (minor < 0)
            throw InvalidValue.at(
                    field, "order.amount", "An amount on an order cannot be negative.", "Enter 0 if it costs nothing.");
        return Currencies.minor(field, currency, minor).getAmountMinorLong();
    }
}
