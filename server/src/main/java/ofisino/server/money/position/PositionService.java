package ofisino.server.money.position;

import java.time.Clock;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.ExchangeRate;
import ofisino.core.money.budget.Deposit;
import ofisino.core.money.budget.Month;
import ofisino.core.money.budget.OrderBalance;
import ofisino.core.money.budget.Position;
import ofisino.core.money.budget.Reconcile;
import ofisino.core.money.ledger.Destination;
import ofisino.core.money.ledger.EntryKind;
import ofisino.core.money.ledger.Split;
import ofisino.core.parts.sourcing.NeedState;
import ofisino.core.plan.job.Fallback;
import ofisino.server.db.OneSnapshot;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Entries;
import ofisino.server.money.Entries.Posted;
import ofisino.server.money.Ledger;
import ofisino.server.money.position.MoneyController.DepositOut;
import ofisino.server.money.position.MoneyController.GoesTo;
import ofisino.server.money.position.MoneyController.MoneyResponse;
import ofisino.server.money.position.MoneyController.OpenOrder;
import ofisino.server.money.position.MoneyController.RefundDue;
import ofisino.server.money.position.MoneyController.ToOrder;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Orders;
import ofisino.server.plan.Fallbacks;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.MonthlyMoney;
import ofisino.server.vehicle.Projects;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.springframework.stereotype.Service;

/** Adds up the money of a project from its lines. */
@Service
class PositionService implements Ledger, MonthlyMoney {
    private final Projects projects;
    private final Entries entries;
    private final Orders orders;
    private final Needs needs;
    private final Jobs jobs;
    private final Fallbacks fallbacks;
    private final Garages garages;
    private final Clock clock;

    PositionService(
            Projects projects,
            Entries entries,
            Orders orders,
            Needs needs,
            Jobs jobs,
            Fallbacks fallbacks,
            Garages garages,
            Clock clock) {
        this.projects = projects;
        this.entries = entries;
        this.orders = orders;
        this.needs = needs;
        this.jobs = jobs;
        this.fallbacks = fallbacks;
        this.garages = garages;
        this.clock = clock;
    }

    @Override
    @OneSnapshot
    public Standing standing(Caller caller, UUID projectId) {
        MoneyResponse money = money(caller, projectId);
        return new Standing(money.currency(), money.position(), money.month());
    }

    @Override
    public Optional<Limit> of(Caller caller, UUID projectId) {
        Optional<Long> common = garages.commonMonthlyMinor(caller);
        long monthly =
                common.orElseGet(() -> projects.require(caller, projectId).monthlyMinor());
        return monthly == 0
                ? Optional.empty()
                : Optional.of(new Limit(standing(caller, projectId).month().left(), monthly, common.isPresent()));
    }

    @OneSnapshot
    MoneyResponse money(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        CurrencyUnit base = garages.baseCurrency(caller);
        List<Posted> posted = entries.posted(caller, projectId);
        List<OpenOrder> open = openOrders(caller, projectId, base, posted);
        List<RefundExpected> refunds = refunds(caller, projectId, base, posted);
        List<Deposit> deposits = deposits(caller, posted);
        List<ToOrder> toOrder = needs.of(caller, projectId).stream()
                .filter(n -> n.state().isToOrder() && !isPaidFor(n, refunds))
                .map(n -> new ToOrder(n.id(), n.title(), n.estimateMinor()))
                .toList();
        var position = new Position(
                project.budgetMinor(),
                sum(posted) - deposits.stream().mapToLong(Deposit::baseMinor).sum(),
                open.stream().mapToLong(OpenOrder::baseMinor).sum(),
                toOrder.stream().mapToLong(ToOrder::baseMinor).sum());
        Month month = garages.commonMonthlyMinor(caller)
                .map(limit -> commonMonth(caller, base, limit))
                .orElseGet(() -> month(caller, project.monthlyMinor(), posted, open));
        return new MoneyResponse(
                base.getCode(),
                position,
                month,
                position.willHaveCost(),
                position.left(),
                position.overBasisPoints(),
                month.left(),
                fallbacks.of(caller, projectId).values().stream()
                        .mapToLong(Fallback::costMinor)
                        .reduce(0, Math::addExact),
                goesTo(caller, projectId, posted),
                open,
                toOrder,
                refunds.stream().map(RefundExpected::shown).toList(),
                deposits.stream()
                        .map(d -> new DepositOut(d.name(), d.baseMinor(), d.returnBy()))
                        .toList());
    }

    private record RefundExpected(Orders.Order order, RefundDue shown) {}

    /** It was sent back and its price, which counts as spent, has not come back: counted again it would count twice. */
    private static boolean isPaidFor(Needs.Need need, List<RefundExpected> refunds) {
        return need.state() == NeedState.RETURNED
                && refunds.stream()
                        .flatMap(r -> r.order().lines().stream())
                        .anyMatch(l -> l.returnedOn() != null && l.needId().equals(need.id()));
    }

    private List<RefundExpected> refunds(Caller caller, UUID projectId, CurrencyUnit base, List<Posted> posted) {
        List<RefundExpected> expected = new ArrayList<>();
        for (Orders.Order order : orders.of(caller, projectId)) {
            Money refund = balance(order, posted).refundExpected();
            if (refund.isPositive())
                expected.add(new RefundExpected(
                        order,
                        new RefundDue(
                                order.id(),
                                order.supplier(),
                                order.currency(),
                                refund.getAmountMinorLong(),
                                rate(order, base).toBase(refund).getAmountMinorLong())));
        }
        return expected;
    }

    /** Left with somebody, and still to come back. */
    private List<Deposit> deposits(Caller caller, List<Posted> posted) {
        List<Deposit> paid = posted.stream()
                .filter(e -> e.kind() == EntryKind.DEPOSIT_PAID && e.returnBy() != null && e.baseMinor() > 0)
                .map(e -> new Deposit(e.description(), e.baseMinor(), e.returnBy()))
                .toList();
        long returned = -posted.stream()
                .filter(e -> e.kind().isDeposit() && e.baseMinor() < 0)
                .mapToLong(Posted::baseMinor)
                .sum();
        return Deposit.dueBack(paid, returned, LocalDate.now(clock.withZone(garages.zone(caller))));
    }

    private static OrderBalance balance(Orders.Order order, List<Posted> posted) {
        CurrencyUnit currency = CurrencyUnit.of(order.currency());
        long paid = posted.stream()
                .filter(e -> order.id().equals(e.orderId()) && !e.kind().isDeposit())
                .mapToLong(Posted::amountMinor)
                .sum();
        return new OrderBalance(
                Money.ofMinor(currency, order.totalMinor()),
                Money.ofMinor(currency, order.returnedMinor()),
                Money.ofMinor(currency, paid));
    }

    private static ExchangeRate rate(Orders.Order order, CurrencyUnit base) {
        return new ExchangeRate(CurrencyUnit.of(order.currency()), base, order.rate(), order.rateOn());
    }

    private Month month(Caller caller, long limitMinor, List<Posted> posted, List<OpenOrder> open) {
        YearMonth thisMonth = YearMonth.from(clock.instant().atZone(garages.zone(caller)));
        return new Month(
                limitMinor,
                sum(posted.stream()
                        .filter(e -> YearMonth.from(e.paidOn()).equals(thisMonth))
                        .toList()),
                open.stream()
                        .filter(o -> !YearMonth.from(o.expectedOn()).isAfter(thisMonth))
                        .mapToLong(OpenOrder::baseMinor)
                        .sum());
    }

    /** What all cars in hand spend from one purse. */
    private Month commonMonth(Caller caller, CurrencyUnit base, long limitMinor) {
        List<Posted> posted = new ArrayList<>();
        List<OpenOrder> open = new ArrayList<>();
        for (Projects.Project p : projects.inHand(caller)) {
            List<Posted> its = entries.posted(caller, p.id());
            posted.addAll(its);
            open.addAll(openOrders(caller, p.id(), base, its));
        }
        return month(caller, limitMinor, posted, open);
    }

    private static long sum(List<Posted> posted) {
        return posted.stream().mapToLong(Posted::baseMinor).reduce(0, Math::addExact);
    }

    private List<OpenOrder> openOrders(Caller caller, UUID projectId, CurrencyUnit base, List<Posted> posted) {
        List<OpenOrder> open = new ArrayList<>();
        for (Orders.Order order : orders.of(caller, projectId)) {
            OrderBalance balance = balance(order, posted);
            long minor = balance.openInBase(rate(order, base)).getAmountMinorLong();
            if (minor > 0)
                open.add(new OpenOrder(
                        order.id(),
                        order.supplier(),
                        order.currency(),
                        balance.open().getAmountMinorLong(),
                        minor,
                        order.expectedOn()));
        }
        return open;
    }

    private List<GoesTo> goesTo(Caller caller, UUID projectId, List<Posted> posted) {
        Map<UUID, String> titles =
                jobs.of(caller, projectId).stream().collect(Collectors.toMap(Jobs.Job::id, Jobs.Job::title));
        record To(Destination destination, Optional<UUID> job) {}
        Map<To, Long> sums = new LinkedHashMap<>();
        for (Posted entry : posted)
            for (Split s : entry.splits()) sums.merge(new To(s.destination(), s.job()), s.baseMinor(), Math::addExact);
        return sums.entrySet().stream()
                .filter(e -> e.getValue() != 0)
                .map(e -> new GoesTo(
                        e.getKey().destination(),
                        e.getKey().job().orElse(null),
                        e.getKey().job().map(titles::get).orElse(null),
                        e.getValue()))
                .sorted(Comparator.comparingLong(GoesTo::baseMinor).reversed())
                .toList();
    }

    Reconcile.Outcome check(Caller caller, UUID projectId, long typedMinor) {
        projects.require(caller, projectId);
        return Reconcile.check(
                entries.posted(caller, projectId).stream()
                        .map(e -> new Reconcile.Item(e.description(), e.baseMinor()))
                        .toList(),
                typedMinor);
    }
}
