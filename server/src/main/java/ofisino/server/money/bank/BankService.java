package ofisino.server.money.bank;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.bank.BankLine;
import ofisino.core.money.bank.BankMatching;
import ofisino.core.money.bank.BankMatching.Match;
import ofisino.core.money.bank.BankMatching.Receipt;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Entries;
import ofisino.server.money.bank.BankController.BankResponse;
import ofisino.server.money.bank.BankController.OpenBankLine;
import ofisino.server.money.bank.BankController.ProposedReceipt;
import ofisino.server.money.bank.BankMapper.LineRow;
import ofisino.server.money.bank.BankMapper.LineState;
import ofisino.server.money.bank.BankMapper.ReceiptRow;
import ofisino.server.parts.Orders;
import ofisino.server.parts.Suppliers;
import ofisino.server.vehicle.Projects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Which receipt each payment of the bank stands for, until none is open. */
@Service
record BankService(
        BankMapper mapper, Projects projects, Entries entries, Orders orders, Suppliers suppliers, Garages garages) {
    BankResponse of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        List<LineRow> open = mapper.open(caller.garageId());
        Map<UUID, ReceiptRow> receipts = receipts(caller);
        Map<UUID, Match> matches = matches(open, receipts);
        Map<String, UUID> sellers = new HashMap<>();
        suppliers.all(caller).forEach(s -> sellers.putIfAbsent(s.name(), s.id()));
        Map<Long, UUID> unpaid = unpaid(caller, projectId);
        Map<UUID, String> vehicles = new HashMap<>();
        Function<UUID, String> vehicle = id ->
                vehicles.computeIfAbsent(id, p -> projects.require(caller, p).vehicleName());
        return new BankResponse(
                garages.baseCurrency(caller).getCode(),
                open.stream()
                        .map(row -> {
                            Match match = matches.get(row.id());
                            return new OpenBankLine(
                                    row,
                                    match == null
                                            ? null
                                            : proposed(receipts.get(match.receipt()), vehicle, match.sure()),
                                    BankMatching.named(row.line(), sellers).orElse(null),
                                    unpaid.get(-row.minor()));
                        })
                        .toList(),
                mapper.settled(caller.garageId(), projectId),
                mapper.elsewhere(caller.garageId()));
    }

    private static ProposedReceipt proposed(ReceiptRow r, Function<UUID, String> vehicle, boolean sure) {
        return new ProposedReceipt(
                r.id(), r.projectId(), vehicle.apply(r.projectId()), r.description(), r.paidOn(), r.draft(), sure);
    }

    private Map<UUID, ReceiptRow> receipts(Caller caller) {
        return mapper.receiptsWithoutLine(caller.garageId()).stream()
                .collect(Collectors.toMap(ReceiptRow::id, Function.identity()));
    }

    private static Map<UUID, Match> matches(List<LineRow> open, Map<UUID, ReceiptRow> receipts) {
        List<BankLine> lines = open.stream().map(LineRow::line).toList();
        return BankMatching.of(
                lines,
                receipts.values().stream()
                        .map(r -> new Receipt(
                                r.id(),
                                r.paidOn(),
                                r.baseMinor(),
                                r.supplier() == null ? r.description() : r.description() + " " + r.supplier()))
                        .toList());
    }

    /** Orders of the project by what is open of them in the base currency; of two with the same sum neither. */
    private Map<Long, UUID> unpaid(Caller caller, UUID projectId) {
        List<Entries.Posted> posted = entries.posted(caller, projectId);
        String base = garages.baseCurrency(caller).getCode();
        return orders.of(caller, projectId).stream()
                .filter(o -> o.terms().currency().equals(base))
                .collect(Collectors.groupingBy(
                        o -> Entries.balanceOf(o, posted).open().getAmountMinorLong()))
                .entrySet()
                .stream()
                .filter(e -> e.getKey() > 0 && e.getValue().size() == 1)
                .collect(Collectors.toMap(
                        Map.Entry::getKey, e -> e.getValue().get(0).id()));
    }

    void settle(Caller caller, UUID lineId, UUID entryId, long version) {
        LineRow line = openLine(caller, lineId);
        ReceiptRow receipt = Optional.ofNullable(receipts(caller).get(entryId))
                .orElseThrow(() -> Conflict.of(
                        "bank.receipt-gone",
                        "That receipt was reversed, or another payment stands for it.",
                        "Load the page again and choose another."));
        settle(caller, line, receipt, version);
    }

    private void settle(Caller caller, LineRow line, ReceiptRow receipt, long version) {
        if (receipt.baseMinor() != -line.minor())
            throw InvalidValue.at(
                    "entryId",
                    "bank.amounts-differ",
                    "The bank and the receipt say different amounts.",
                    "Choose the receipt with this amount, or reverse it and enter what was paid.");
        if (receipt.draft()) entries.book(caller, receipt.id(), receipt.version());
        change(caller, line.id(), LineState.RECEIPT, receipt.id(), version);
    }

    void settleSure(Caller caller, List<UUID> lineIds) {
        List<LineRow> open = mapper.open(caller.garageId());
        Map<UUID, ReceiptRow> receipts = receipts(caller);
        Map<UUID, Match> matches = matches(open, receipts);
        for (LineRow line : open) {
            Match match = matches.get(line.id());
            if (match != null && match.sure() && lineIds.contains(line.id()))
                settle(caller, line, receipts.get(match.receipt()), line.version());
        }
    }

    void elsewhere(Caller caller, List<UUID> lineIds) {
        mapper.open(caller.garageId()).stream()
                .filter(l -> lineIds.contains(l.id()))
                .forEach(l -> change(caller, l.id(), LineState.ELSEWHERE, null, l.version()));
    }

    void reopen(Caller caller, UUID lineId, long version) {
        LineRow line = lock(caller, lineId);
        if (line.state() != LineState.RECEIPT)
            throw Conflict.of("bank.open", "That payment stands for no receipt.", "Load the page again.");
        change(caller, lineId, LineState.OPEN, null, version);
    }

    private LineRow openLine(Caller caller, UUID lineId) {
        lock(caller, lineId);
        return mapper.open(caller.garageId()).stream()
                .filter(l -> l.id().equals(lineId))
                .findFirst()
                .orElseThrow(() -> Conflict.of(
                        "bank.settled", "That payment is settled already.", "Load the page again to see for what."));
    }

    private LineRow lock(Caller caller, UUID lineId) {
        return Stored.require(mapper.lock(caller.garageId(), lineId), "payment", lineId);
    }

    private void change(Caller caller, UUID lineId, LineState state, @Nullable UUID entryId, long version) {
        Stored.notStale(
                mapper.settle(caller.garageId(), lineId, state, entryId, version),
                "payment",
                () -> lock(caller, lineId));
    }
}
