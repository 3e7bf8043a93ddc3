package ofisino.server.parts.pricelist;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import ofisino.core.kernel.list.Decimals;
import ofisino.core.kernel.list.ListText;
import ofisino.core.parts.pricelist.Columns;
import ofisino.core.parts.pricelist.PriceList;
import ofisino.core.parts.pricelist.PriceList.Article;
import ofisino.server.db.Stored;
import ofisino.server.db.Words;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Suppliers;
import ofisino.server.parts.Suppliers.Supplier;
import ofisino.server.parts.pricelist.PriceListController.BadLine;
import ofisino.server.parts.pricelist.PriceListController.ColumnsOfList;
import ofisino.server.parts.pricelist.PriceListController.ListLookResponse;
import ofisino.server.parts.pricelist.PriceListController.TakenResponse;
import ofisino.server.parts.pricelist.PriceListMapper.ArticleRow;
import ofisino.server.parts.pricelist.PriceListMapper.ListRow;
import ofisino.server.parts.pricelist.PriceListMapper.ListSize;
import org.joda.money.CurrencyUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Reads sellers' lists and remembers in which columns each says what. */
@Service
record PriceListService(PriceListMapper mapper, Suppliers suppliers, Garages garages, JsonMapper json, Clock clock) {
    private static final int FIRST_ROWS = 5;
    /** Nobody reads on; he types another word. */
    private static final int MOST = 30;

    ListLookResponse look(Caller caller, UUID supplierId, byte[] file) {
        require(caller, supplierId);
        ListText text = ListText.read(file);
        Optional<ListRow> last = mapper.find(caller.garageId(), supplierId)
                .filter(l -> reaches(l.columns(), text.header().size()));
        Optional<Columns> columns = last.map(ListRow::columns).or(() -> Columns.guessed(text.header()));
        return new ListLookResponse(
                text.header(),
                text.rows().stream().limit(FIRST_ROWS).map(ListText.Row::cells).toList(),
                text.rows().size(),
                columns.map(ColumnsOfList::of).orElse(null),
                last.map(ListRow::decimals).orElseGet(() -> decimals(text, columns)),
                last.isPresent());
    }

    private static boolean reaches(Columns c, int width) {
        return c.title() < width && c.price() < width;
    }

    private static Decimals decimals(ListText text, Optional<Columns> columns) {
        return columns.map(c -> Decimals.guessed(
                        text.rows().stream().map(r -> r.cell(c.price())).toList()))
                .orElse(Decimals.POINT);
    }

    TakenResponse take(Caller caller, ListRow said, boolean withoutBad, byte[] file) {
        Supplier supplier = require(caller, said.supplierId());
        PriceList list = PriceList.read(
                ListText.read(file),
                said.columns(),
                said.decimals(),
                CurrencyUnit.of(supplier.currency()).getDecimalPlaces());
        List<BadLine> bad = list.bad().stream()
                .map(b -> new BadLine(b.line(), b.why(), b.said()))
                .toList();
        if (!bad.isEmpty() && !withoutBad) return new TakenResponse(0, bad);
        mapper.forget(caller.garageId(), supplier.id());
        mapper.insert(caller.garageId(), said);
        mapper.insertArticles(
                caller.garageId(),
                supplier.id(),
                json.writeValueAsString(list.articles().stream().map(Kept::of).toList()));
        return new TakenResponse(list.articles().size(), bad);
    }

    /** With the names of the columns of the table. */
    private record Kept(
            String number,
            String title,
            @JsonProperty("price_minor") long priceMinor,
            int pieces,
            @JsonProperty("lead_days") @Nullable Integer leadDays,
            @Nullable Integer stock,
            @JsonProperty("replaced_by") String replacedBy) {
        static Kept of(Article a) {
            return new Kept(
                    a.number(),
                    a.title(),
                    a.priceMinor(),
                    a.pieces(),
                    orNull(a.leadDays()),
                    orNull(a.stock()),
                    a.replacedBy());
        }

        private static @Nullable Integer orNull(OptionalInt n) {
            return n.isPresent() ? (Integer) n.getAsInt() : null;
        }
    }

    List<ListSize> lists(Caller caller) {
        return mapper.sizes(caller.garageId());
    }

    List<ArticleRow> search(Caller caller, String q) {
        String words = Words.literally(q);
        return words.isEmpty() ? List.of() : mapper.search(caller.garageId(), words, MOST);
    }

    private Supplier require(Caller caller, UUID id) {
        return Stored.require(
                suppliers.all(caller).stream().filter(s -> s.id().equals(id)).findFirst(), "supplier", id);
    }

    LocalDate today(Caller caller) {
        return LocalDate.now(clock.withZone(garages.zone(caller)));
    }
}
