package ofisino.server.parts.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.ExchangeRate;
import ofisino.core.parts.order.PostShare;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Orders.Order.Line;
import ofisino.server.parts.Orders.Terms;
import ofisino.server.parts.Purchases;
import ofisino.server.parts.order.OrderMapper.LineRow;
import ofisino.server.parts.order.OrderMapper.OrderRow;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.springframework.stereotype.Service;

/** Lines of orders, with their share of the post, in one currency. */
@Service
record PurchaseService(OrderMapper mapper, Garages garages) implements Purchases {
    @Override
    public List<Purchase> of(Caller caller, UUID projectId) {
        return purchases(caller, mapper.of(caller.garageId(), projectId), mapper.lines(caller.garageId(), projectId));
    }

    @Override
    public List<Purchase> all(Caller caller) {
        return purchases(caller, mapper.all(caller.garageId()), mapper.allLines(caller.garageId()));
    }

    private List<Purchase> purchases(Caller caller, List<OrderRow> orders, List<LineRow> lines) {
        CurrencyUnit base = garages.baseCurrency(caller);
        Map<UUID, List<Line>> byOrder = lines.stream()
                .collect(Collectors.groupingBy(
                        LineRow::orderId, Collectors.mapping(LineRow::line, Collectors.toList())));
        List<Purchase> found = new ArrayList<>();
        for (OrderRow o : orders) {
            List<Line> its = byOrder.getOrDefault(o.id(), List.of());
            if (its.isEmpty()) continue;
            long[] landed = PostShare.landed(
                    o.terms().postMinor(),
                    its.stream().mapToLong(Line::amountMinor).toArray());
            for (int i = 0; i < its.size(); i++) found.add(purchase(o, its.get(i), toBase(o.terms(), landed[i], base)));
        }
        return found;
    }

    private static Purchase purchase(OrderRow o, Line line, long baseMinor) {
        return new Purchase(
                o.projectId(),
                line.needId(),
                o.terms().supplierId(),
                o.terms().orderedOn(),
                o.terms().expectedOn(),
                Optional.ofNullable(line.arrivedOn()),
                Optional.ofNullable(line.outcome()),
                baseMinor);
    }

    private static long toBase(Terms terms, long minor, CurrencyUnit base) {
        CurrencyUnit foreign = CurrencyUnit.of(terms.currency());
        return new ExchangeRate(foreign, base, terms.rate(), terms.rateOn())
                .toBase(Money.ofMinor(foreign, minor))
                .getAmountMinorLong();
    }
}
