package ofisino.server.money.ledger;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.ExchangeRate;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Texts;
import ofisino.core.money.ledger.Destination;
import ofisino.core.money.ledger.EntryKind;
import ofisino.core.money.ledger.Split;
import ofisino.core.money.ledger.Splits;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Entries;
import ofisino.server.money.ledger.EntryController.EntryFields;
import ofisino.server.money.ledger.EntryController.SplitFields;
import ofisino.server.money.ledger.EntryMapper.EntryRow;
import ofisino.server.money.ledger.EntryMapper.SplitRow;
import ofisino.server.money.ledger.EntryMapper.State;
import ofisino.server.parts.DepositLeft;
import ofisino.server.parts.Orders;
import ofisino.server.vehicle.Projects;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** The ledger: drafts are edited freely, what is posted is only reversed. */
@Service
record EntryService(EntryMapper mapper, BookedEntries booked, Projects projects, Orders orders, Garages garages)
        implements Entries {
    List<EntryRow> list(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    List<SplitRow> splits(Caller caller, UUID projectId) {
        return mapper.splits(caller.garageId(), projectId);
    }

    List<SplitRow> splitsOf(Caller caller, UUID entryId) {
        return mapper.splitsOf(caller.garageId(), entryId);
    }

    EntryRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "entry", id);
    }

    EntryRow draft(Caller caller, UUID projectId, UUID id, EntryFields fields) {
        projects.requireOpen(caller, projectId);
        EntryRow entry = checked(caller, projectId, id, fields, 0);
        mapper.insert(caller.garageId(), entry);
        save(caller, id, splitsOf(caller, entry, fields));
        return find(caller, id);
    }

    @Override
    public void draftForVehicle(
            Caller caller, UUID projectId, UUID entryId, EntryKind kind, long minor, LocalDate on, String description) {
        String base = garages.baseCurrency(caller).getCode();
        draft(
                caller,
                projectId,
                entryId,
                new EntryFields(
                        kind,
                        on,
                        description,
                        null,
                        null,
                        base,
                        minor,
                        BigDecimal.ONE,
                        on,
                        null,
                        List.of(new SplitFields(Destination.VEHICLE, null, minor))));
    }

    @Override
    public void bookSale(Caller caller, UUID projectId, UUID entryId, long minor, LocalDate on, String description) {
        draftForVehicle(caller, projectId, entryId, EntryKind.SALE, minor, on, description);
        post(caller, entryId, 0);
    }

    @Override
    public void book(Caller caller, UUID entryId, long version) {
        post(caller, entryId, version);
    }

    @Override
    public Drafts drafts(Caller caller, UUID projectId) {
        List<EntryRow> drafts = list(caller, projectId).stream()
                .filter(e -> e.state() == State.DRAFT)
                .toList();
        return new Drafts(
                drafts.size(), drafts.stream().mapToLong(EntryRow::baseMinor).reduce(0, Math::addExact));
    }

    /** What was left with a seller is a draft beside his order: its owner looks at it and posts it. */
    @EventListener
    void noteDeposit(DepositLeft left) {
        Orders.Terms terms = left.order().terms();
        draft(
                left.caller(),
                left.order().projectId(),
                left.entryId(),
                new EntryFields(
                        EntryKind.DEPOSIT_PAID,
                        terms.orderedOn(),
                        left.order().lines().get(0).title(),
                        terms.supplierId(),
                        left.order().id(),
                        terms.currency(),
                        left.minor(),
                        terms.rate(),
                        terms.rateOn(),
                        left.returnBy(),
                        null));
    }

    @Override
    public void draftPurchase(
            Caller caller, UUID projectId, UUID entryId, String description, LocalDate on, List<Split> shares) {
        draft(
                caller,
                projectId,
                entryId,
                new EntryFields(
                        EntryKind.PURCHASE,
                        on,
                        description,
                        null,
                        null,
                        garages.baseCurrency(caller).getCode(),
                        shares.stream().mapToLong(Split::baseMinor).reduce(0, Math::addExact),
                        BigDecimal.ONE,
                        on,
                        null,
                        shares.stream().map(SplitFields::of).toList()));
    }

    EntryRow change(Caller caller, UUID id, EntryFields fields, long version) {
        EntryRow stored = draftOf(caller, id);
        EntryRow entry = checked(caller, stored.projectId(), id, fields, version);
        Stored.notStale(mapper.update(caller.garageId(), entry), "entry", () -> find(caller, id));
        mapper.clearSplits(caller.garageId(), id);
        save(caller, id, splitsOf(caller, entry, fields));
        return find(caller, id);
    }

    private EntryRow draftOf(Caller caller, UUID id) {
        EntryRow stored = find(caller, id);
        projects.requireOpen(caller, stored.projectId());
        if (stored.state() == State.POSTED) throw LedgerRules.posted();
        return stored;
    }

    private EntryRow checked(Caller caller, UUID projectId, UUID id, EntryFields f, long version) {
        if (f.kind().isMove())
            throw InvalidValue.at(
                    "kind",
                    "entry.move",
                    "What goes to another car or to the workshop is booked on both sides.",
                    "Open the receipt and move it from there.");
        CurrencyUnit currency = Currencies.of("currency", f.currency());
        if (f.amountMinor() <= 0)
            throw InvalidValue.at(
                    "amountMinor",
                    "entry.amount",
                    "The amount must be above 0.",
                    "Money that comes in is entered as a refund, a sale or a deposit returned.");
        Money amount =
                Currencies.minor("amountMinor", currency, f.kind().comesIn() ? -f.amountMinor() : f.amountMinor());
        var rate = new ExchangeRate(currency, garages.baseCurrency(caller), f.rate(), f.rateOn());
        if (f.orderId() != null) {
            Orders.Order order = orders.require(caller, f.orderId());
            if (!order.projectId().equals(projectId))
                throw InvalidValue.at(
                        "orderId",
                        "entry.other-project",
                        "That order belongs to another project.",
                        "Choose one of this project.");
            if (!order.terms().currency().equals(currency.getCode()))
                throw InvalidValue.at(
                        "currency",
                        "entry.order-currency",
                        "The order from %s is in %s.",
                        "Enter the invoice in %s too.",
                        order.supplier(),
                        order.terms().currency(),
                        order.terms().currency());
        }
        if ((f.kind() == EntryKind.DEPOSIT_PAID) != (f.returnBy() != null))
            throw InvalidValue.at(
                    "returnBy",
                    "entry.return-by",
                    "A deposit needs the last day on which it is refunded, and nothing else has one.",
                    "Check the kind and the day.");
        return new EntryRow(
                id,
                projectId,
                f.kind(),
                f.paidOn(),
                Texts.line("description", f.description()),
                f.supplierId(),
                f.orderId(),
                currency.getCode(),
                amount.getAmountMinorLong(),
                rate.basePerForeign(),
                rate.date(),
                rate.toBase(amount).getAmountMinorLong(),
                f.returnBy(),
                State.DRAFT,
                null,
                null,
                null,
                0,
                version);
    }

    /** The shares as entered; without any, as the order suggests, or else unassigned. */
    private Splits splitsOf(Caller caller, EntryRow entry, EntryFields fields) {
        if (fields.splits() == null || fields.splits().isEmpty()) {
            if (entry.orderId() != null && entry.baseMinor() > 0)
                return forOrder(caller, entry.orderId(), entry.baseMinor());
            return new Splits(
                    entry.baseMinor(), List.of(new Split(Destination.UNASSIGNED, Optional.empty(), entry.baseMinor())));
        }
        int sign = entry.kind().comesIn() ? -1 : 1;
        return new Splits(
                entry.baseMinor(),
                fields.splits().stream()
                        .map(s -> new Split(s.destination(), Optional.ofNullable(s.jobId()), sign * s.baseMinor()))
                        .toList());
    }

    void save(Caller caller, UUID entryId, Splits splits) {
        for (int i = 0; i < splits.parts().size(); i++) {
            Split s = splits.parts().get(i);
            mapper.insertSplit(
                    caller.garageId(), entryId, i, s.destination(), s.job().orElse(null), s.baseMinor());
        }
    }

    /** How an invoice of this amount at this rate would be split. */
    Splits propose(Caller caller, UUID orderId, long amountMinor, BigDecimal rate) {
        Orders.Order order = orders.require(caller, orderId);
        CurrencyUnit currency = CurrencyUnit.of(order.terms().currency());
        Money paid = Currencies.minor("amountMinor", currency, amountMinor);
        return forOrder(
                caller,
                orderId,
                new ExchangeRate(
                                currency,
                                garages.baseCurrency(caller),
                                rate,
                                order.terms().rateOn())
                        .toBase(paid)
                        .getAmountMinorLong());
    }

    /** What an amount is in the base currency, as it will be when it is kept. */
    long convert(Caller caller, String currency, long amountMinor, BigDecimal rate) {
        CurrencyUnit unit = Currencies.of("currency", currency);
        return new ExchangeRate(unit, garages.baseCurrency(caller), rate, LocalDate.EPOCH)
                .toBase(Currencies.minor("amountMinor", unit, amountMinor))
                .getAmountMinorLong();
    }

    private Splits forOrder(Caller caller, UUID orderId, long paidBaseMinor) {
        Orders.Order order = orders.require(caller, orderId);
        CurrencyUnit currency = CurrencyUnit.of(order.terms().currency());
        var onOrdering = new ExchangeRate(
                currency,
                garages.baseCurrency(caller),
                order.terms().rate(),
                order.terms().rateOn());
        List<Splits.OrderedLine> lines = new ArrayList<>();
        for (Orders.Order.Line line : order.lines())
            lines.add(new Splits.OrderedLine(
                    Optional.ofNullable(line.jobId()),
                    onOrdering
                            .toBase(Money.ofMinor(currency, line.amountMinor()))
                            .getAmountMinorLong()));
        long total =
                onOrdering.toBase(Money.ofMinor(currency, order.totalMinor())).getAmountMinorLong();
        if (lines.stream().allMatch(l -> l.baseMinorAtOrderRate() == 0))
            return new Splits(
                    paidBaseMinor, List.of(new Split(Destination.UNASSIGNED, Optional.empty(), paidBaseMinor)));
        return Splits.forOrder(lines, total, paidBaseMinor);
    }

    EntryRow post(Caller caller, UUID id, long version) {
        mustNotBePaidAlready(caller, draftOf(caller, id));
        Stored.notStale(mapper.post(caller.garageId(), id, version), "entry", () -> find(caller, id));
        return find(caller, id);
    }

    /** The same invoice entered twice, with its order or for it, would count twice. */
    private void mustNotBePaidAlready(Caller caller, EntryRow draft) {
        if (draft.orderId() == null || draft.amountMinor() <= 0 || draft.kind().isDeposit()) return;
        Orders.Order order = orders.require(caller, draft.orderId());
        if (Entries.balanceOf(order, posted(caller, draft.projectId())).isPaid())
            throw Conflict.of(
                    "entry.order-paid",
                    "The order from %s is paid already.",
                    "If this is another invoice, enter it without the order.",
                    order.supplier());
    }

    void discard(Caller caller, UUID id, long version) {
        draftOf(caller, id);
        mapper.clearSplits(caller.garageId(), id);
        Stored.notStale(mapper.delete(caller.garageId(), id, version), "entry", () -> find(caller, id));
    }

    @Override
    public List<Posted> posted(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return booked.of(caller, projectId);
    }
}
