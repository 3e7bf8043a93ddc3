package ofisino.server.money.ledger;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ofisino.core.money.ledger.Split;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.Entries.Posted;
import ofisino.server.parts.Suppliers;
import ofisino.server.plan.Jobs;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.joda.money.CurrencyUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is booked as a list (RFC 4180): a line for each share, so that the last column sums to what was spent. */
@Component
record LedgerCsv(EntryService entries, Suppliers suppliers, Jobs jobs, Garages garages) {
    private static final String[] HEADER = {
        "day", "kind", "description", "seller", "currency", "amount", "reversed", "for", "job", "base currency", "share"
    };

    String of(Caller caller, UUID projectId) {
        List<Posted> posted = entries.posted(caller, projectId);
        Map<UUID, String> sellers = suppliers.all(caller).stream()
                .collect(Collectors.toMap(Suppliers.Supplier::id, Suppliers.Supplier::name));
        Map<UUID, String> titles =
                jobs.of(caller, projectId).stream().collect(Collectors.toMap(Jobs.Job::id, Jobs.Job::title));
        CurrencyUnit base = garages.baseCurrency(caller);
        var out = new StringBuilder();
        try (var csv = new CSVPrinter(
                out, CSVFormat.RFC4180.builder().setHeader(HEADER).get())) {
            for (Posted e : posted)
                for (Split s : e.splits())
                    csv.printRecord(
                            e.paidOn(),
                            e.kind(),
                            asText(e.description()),
                            asText(named(e.supplierId(), sellers::get)),
                            e.amount().getCurrencyUnit().getCode(),
                            e.amount().getAmount(),
                            e.reversed() ? "yes" : "",
                            s.destination(),
                            asText(named(s.job().orElse(null), titles::get)),
                            base.getCode(),
                            BigDecimal.valueOf(s.baseMinor(), base.getDecimalPlaces()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static String named(@Nullable UUID id, Function<UUID, @Nullable String> names) {
        String name = id == null ? null : names.apply(id);
        return name == null ? "" : name;
    }

    /** A spreadsheet takes for a formula what begins like one. */
    private static String asText(String said) {
        return said.matches("^[=+\\-@\\t].*") ? "'" + said : said;
    }
}
