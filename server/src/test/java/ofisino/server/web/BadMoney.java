package ofisino.server.web;

import static ofisino.server.testing.TestGarage.TODAY;
import static ofisino.server.testing.TestGarage.map;

import java.util.List;
import java.util.UUID;
import ofisino.server.web.BadInput.Case;

/** Amounts, rates, shares and orders that nobody should send. */
final class BadMoney {
    private final UUID id = UUID.randomUUID();
    private final UUID need;
    private final UUID supplier;
    private final String entries;
    private final String orders;

    BadMoney(UUID project, UUID need, UUID supplier) {
        this.need = need;
        this.supplier = supplier;
        entries = "/api/projects/" + project + "/entries";
        orders = "/api/projects/" + project + "/orders";
    }

    List<Case> cases() {
        return List.of(
                new Case(
                        "negative amount",
                        entries,
                        map("id", id, "fields", BadInput.entry("EUR", -5, 1)),
                        422,
                        "entry.amount",
                        "amountMinor"),
                new Case(
                        "huge amount",
                        entries,
                        map("id", id, "fields", BadInput.entry("EUR", 9_000_000_000_000_000L, 1)),
                        422,
                        "amount.range",
                        "amountMinor"),
                new Case(
                        "overflowing amount",
                        entries,
                        "{\"id\":\"" + id + "\",\"fields\":{\"amountMinor\":99999999999999999999}}",
                        400,
                        "request.unreadable",
                        ""),
                new Case(
                        "wrong currency",
                        entries,
                        map("id", id, "fields", BadInput.entry("EURO", 5, 1)),
                        422,
                        "currency.unknown",
                        "currency"),
                new Case(
                        "gold",
                        entries,
                        map("id", id, "fields", BadInput.entry("XAU", 5, 1)),
                        422,
                        "currency.unknown",
                        "currency"),
                new Case(
                        "rate 0",
                        entries,
                        map("id", id, "fields", BadInput.entry("USD", 5, 0)),
                        422,
                        "rate.range",
                        "rate"),
                new Case(
                        "own currency at a rate",
                        entries,
                        map("id", id, "fields", BadInput.entry("EUR", 5, 2)),
                        422,
                        "rate.same-currency",
                        "rate"),
                new Case(
                        "share to no job",
                        entries,
                        map(
                                "id",
                                id,
                                "fields",
                                BadInput.with(
                                        BadInput.entry("EUR", 5, 1),
                                        "splits",
                                        List.of(map("destination", "JOB", "baseMinor", 5)))),
                        422,
                        "split.job",
                        "splits"),
                new Case(
                        "order of nothing",
                        orders,
                        BadInput.order(id, supplier, List.of(), TODAY),
                        422,
                        "order.empty",
                        "lines"),
                new Case(
                        "expected before ordered",
                        orders,
                        BadInput.order(id, supplier, List.of(map("needId", need, "amountMinor", 1)), "2020-01-01"),
                        422,
                        "order.expected",
                        "expectedOn"),
                new Case(
                        "unknown supplier",
                        orders,
                        BadInput.order(id, id, List.of(map("needId", need, "amountMinor", 1)), TODAY),
                        409,
                        "still-used",
                        ""));
    }
}
