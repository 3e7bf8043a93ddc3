package ofisino.server.money.budget;

import java.time.Clock;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Apportion;
import ofisino.core.kernel.ExchangeRate;
import ofisino.core.money.budget.Deposit;
import ofisino.core.money.budget.MoneyDue;
import ofisino.core.money.budget.Month;
import ofisino.core.money.budget.OrderBalance;
import ofisino.core.money.budget.Position;
import ofisino.core.money.forecast.Months.DuePayment;
import ofisino.core.money.ledger.EntryKind;
import ofisino.core.money.ledger.Split;
import ofisino.core.plan.fallback.Fallback;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Entries;
import ofisino.server.money.Entries.Posted;
import ofisino.server.money.Ledger;
import ofisino.server.money.budget.MoneyController.AgreedPrice;
import ofisino.server.money.budget.MoneyController.DepositOut;
import ofisino.server.money.budget.MoneyController.MoneyResponse;
import ofisino.server.money.budget.MoneyController.OpenOrder;
import ofisino.server.money.budget.MoneyController.RefundDue;
import ofisino.server.money.budget.MoneyController.ToOrder;
import ofisino.server.money.budget.MoneyController.ToOrderLine;
import ofisino.server.parts.Needs;
import ofisino.server.parts.Orders;
import ofisino.server.plan.Fallbacks;
import ofisino.server.plan.Jobs;
import ofisino.server.plan.MonthlyMoney;
import ofisino.server.vehicle.Projects;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Adds up the money of a project from its lines. */
@Service
record PositionService(
        Projects projects,
        Entries entries,
        Orders orders,
        Needs needs,
        Jobs jobs,
        Fallbacks fallbacks,
        AgreedPrices agreedPrices,
        Garages garages,
        Clock clock)
        implements Ledger, MonthlyMoney {
    @Override
    public Standing standing(Caller caller, UUID projectId) {
        Sums sums = sums(caller, projectId);
        return new Standing(
                sums.base().getCode(),
                sums.position(),
                sums.agreed().stream().collect(Collectors.toMap(AgreedPrice::jobId, AgreedPrice::baseMinor)),
                sums.month(),
                due(caller, sums));
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

    /** The figures with the lines that they are added up from. */
    private record Sums(
            CurrencyUnit base,
            List<Posted> posted,
            List<Balanced> balances,
            List<OpenOrder> open,
            List<Deposit> deposits,
            List<ToOrder> toOrder,
            List<AgreedPrice> agreed,
            Position position,
            Month month) {}

    private Sums sums(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        CurrencyUnit base = garages.baseCurrency(caller);
        List<Posted> posted = entries.posted(caller, projectId);
        List<Balanced> balances = balances(caller, projectId, base, posted);
        List<OpenOrder> open = open(balances);
        List<Deposit> deposits = deposits(caller, posted);
        List<ToOrder> toOrder = needs.of(caller, projectId).stream()
                .filter(n -> n.state().isToPay(balances.stream().anyMatch(b -> b.owesFor(n.id()))))
                .map(n -> new ToOrder(n.id(), n.title(), n.estimateMinor()))
                .toList();
        List<AgreedPrice> agreed = agreedPrices.unpaid(caller, projectId, posted);
        var position = new Position(
                project.budgetMinor(),
                sum(posted) - deposits.stream().mapToLong(Deposit::baseMinor).sum(),
                open.stream().mapToLong(OpenOrder::baseMinor).sum(),
                toOrder.stream().mapToLong(ToOrder::baseMinor).sum(),
                agreed.stream().mapToLong(AgreedPrice::baseMinor).sum());
        Month month = garages.commonMonthlyMinor(caller)
                .map(limit -> commonMonth(caller, base, limit))
                .orElseGet(() -> month(caller, project.monthlyMinor(), posted, open));
        return new Sums(base, posted, balances, open, deposits, toOrder, agreed, position, month);
    }

    /** What is still to be paid for a job; null for none. */
    record Due(@Nullable UUID jobId, long baseMinor) {}

    /** Every cent of the figures, by what it is for. @param ordered the open rest of each order, over its lines */
    record Lines(List<Split> spent, List<Due> ordered, List<Due> toOrder, List<Due> agreed) {}

    Lines lines(Caller caller, UUID projectId) {
        Sums s = sums(caller, projectId);
        Map<UUID, Needs.Need> needed =
                needs.of(caller, projectId).stream().collect(Collectors.toMap(Needs.Need::id, n -> n));
        return new Lines(
                s.posted().stream().flatMap(e -> e.splits().stream()).toList(),
                s.balances().stream().flatMap(b -> b.openByLine().stream()).toList(),
                s.toOrder().stream()
                        .map(n -> new Due(needed.get(n.needId()).jobId(), n.baseMinor()))
                        .toList(),
                s.agreed().stream().map(a -> new Due(a.jobId(), a.baseMinor())).toList());
    }

    /** What is still to be bought, each with the price that somebody named. */
    List<ToOrder> toOrder(Caller caller, UUID projectId) {
        return sums(caller, projectId).toOrder();
    }

    /** What was asked for each thing that was ordered and is kept, at the rate on ordering and without post. */
    List<Due> asked(Caller caller, UUID projectId) {
        return sums(caller, projectId).balances().stream()
                .flatMap(Balanced::askedByLine)
                .toList();
    }

    /** What others ask for jobs that they do, less what is paid. */
    List<AgreedPrice> agreed(Caller caller, UUID projectId) {
        return sums(caller, projectId).agreed();
    }

    /** What is ordered and not paid, on the day on which it comes. */
    List<DuePayment> ordersDue(Caller caller, UUID projectId) {
        return sums(caller, projectId).open().stream()
                .map(o -> new DuePayment(o.supplier(), o.expectedOn(), o.baseMinor(), false))
                .toList();
    }

    private List<MoneyDue> due(Caller caller, Sums sums) {
        LocalDate today = today(caller);
        return Stream.concat(
                        sums.deposits().stream().flatMap(d -> MoneyDue.of(d, today).stream()),
                        sums.balances().stream()
                                .flatMap(b ->
                                        MoneyDue.refund(b.order.supplier(), b.refundMinor(), b.wentBack(), today)
                                                .stream()))
                .sorted()
                .toList();
    }

    private LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }

    MoneyResponse money(Caller caller, UUID projectId) {
        Sums s = sums(caller, projectId);
        Position position = s.position();
        return new MoneyResponse(
                s.base().getCode(),
                position,
                s.month(),
                position.willHaveCost(),
                position.left(),
                position.overBasisPoints(),
                s.month().left(),
                fallbacks.of(caller, projectId).values().stream()
                        .mapToLong(Fallback::costMinor)
                        .reduce(0, Math::addExact),
                s.open(),
                together(s.toOrder()),
                s.agreed(),
                refunds(s.balances()),
                s.deposits().stream()
                        .map(d -> new DepositOut(d.name(), d.baseMinor(), d.returnBy()))
                        .toList());
    }

    /** One line for the same thing, whoever needs it. */
    private static List<ToOrderLine> together(List<ToOrder> all) {
        return all.stream()
                .collect(Collectors.groupingBy(ToOrder::title, LinkedHashMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .map(e -> new ToOrderLine(
                        e.getKey(),
                        e.getValue().size(),
                        (int) e.getValue().stream()
                                .filter(n -> n.baseMinor() == 0)
                                .count(),
                        e.getValue().stream().mapToLong(ToOrder::baseMinor).sum()))
                .toList();
    }

    /** An order, what of it is still to be paid or comes back, and its rate on ordering. */
    private record Balanced(Orders.Order order, OrderBalance balance, ExchangeRate rate) {
        /** The thing was sent back, and money for this order is still to come back. */
        boolean owesFor(UUID needId) {
            return balance.refundExpected().isPositive()
                    && order.lines().stream()
                            .anyMatch(l -> l.isPriceExpected() && l.needId().equals(needId));
        }

        /** Over what of the order is still wanted, by price; to the cent. */
        List<Due> openByLine() {
            long open = balance.openInBase(rate).getAmountMinorLong();
            List<Orders.Order.Line> wanted =
                    order.lines().stream().filter(l -> l.returnedOn() == null).toList();
            if (open <= 0) return List.of();
            if (wanted.isEmpty()) return List.of(new Due(null, open));
            long[] prices =
                    wanted.stream().mapToLong(Orders.Order.Line::amountMinor).toArray();
            long[] shares = Apportion.byLargestRemainder(
                    open,
                    LongStream.of(prices).sum() > 0
                            ? prices
                            : LongStream.of(prices).map(p -> 1).toArray());
            return IntStream.range(0, shares.length)
                    .mapToObj(i -> new Due(wanted.get(i).jobId(), shares[i]))
                    .toList();
        }

        Stream<Due> askedByLine() {
            return order.lines().stream()
                    .filter(l -> l.returnedOn() == null)
                    .map(l -> new Due(l.jobId(), inBase(l.amountMinor())));
        }

        private long inBase(long minor) {
            return rate.toBase(Money.ofMinor(balance.total().getCurrencyUnit(), minor))
                    .getAmountMinorLong();
        }

        long refundMinor() {
            return rate.toBase(balance.refundExpected()).getAmountMinorLong();
        }

        /** Things whose price is expected and that are on their way back; of what never came, since it was called off. */
        List<MoneyDue.WentBack> wentBack() {
            return order.lines().stream()
                    .filter(l -> l.isPriceExpected() && (l.arrivedOn() == null || l.sentOn() != null))
                    .map(l -> new MoneyDue.WentBack(
                            inBase(l.amountMinor()), l.sentOn() != null ? l.sentOn() : l.returnedOn()))
                    .toList();
        }
    }

    private List<Balanced> balances(Caller caller, UUID projectId, CurrencyUnit base, List<Posted> posted) {
        return orders.of(caller, projectId).stream()
                .map(o -> new Balanced(
                        o,
                        Entries.balanceOf(o, posted),
                        new ExchangeRate(
                                CurrencyUnit.of(o.terms().currency()),
                                base,
                                o.terms().rate(),
                                o.terms().rateOn())))
                .toList();
    }

    private static List<OpenOrder> open(List<Balanced> balances) {
        return balances.stream()
                .map(b -> new OpenOrder(
                        b.order.id(),
                        b.order.supplier(),
                        b.order.terms().currency(),
                        b.balance.open().getAmountMinorLong(),
                        b.balance.openInBase(b.rate).getAmountMinorLong(),
                        b.order.terms().expectedOn()))
                .filter(o -> o.baseMinor() > 0)
                .toList();
    }

    private static List<RefundDue> refunds(List<Balanced> balances) {
        return balances.stream()
                .filter(b -> b.balance.refundExpected().isPositive())
                .map(b -> new RefundDue(
                        b.order.id(),
                        b.order.supplier(),
                        b.order.terms().currency(),
                        b.balance.refundExpected().getAmountMinorLong(),
                        b.refundMinor()))
                .toList();
    }

    /** Left with somebody, and still to come back. */
    private List<Deposit> deposits(Caller caller, List<Posted> posted) {
        List<Deposit> paid = posted.stream()
                .filter(e -> e.kind() == EntryKind.DEPOSIT_PAID && e.returnBy() != null && !e.reversed())
                .map(e -> new Deposit(e.description(), e.base().getAmountMinorLong(), e.returnBy()))
                .toList();
        long returned = -posted.stream()
                .filter(e -> e.kind() == EntryKind.DEPOSIT_RETURNED && !e.reversed())
                .mapToLong(e -> e.base().getAmountMinorLong())
                .sum();
        return Deposit.dueBack(paid, returned, today(caller));
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
            open.addAll(open(balances(caller, p.id(), base, its)));
        }
        return month(caller, limitMinor, posted, open);
    }

    private static long sum(List<Posted> posted) {
        return posted.stream().mapToLong(e -> e.base().getAmountMinorLong()).reduce(0, Math::addExact);
    }
}
