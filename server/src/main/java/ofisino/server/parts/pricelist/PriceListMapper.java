package ofisino.server.parts.pricelist;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import ofisino.core.kernel.list.Decimals;
import ofisino.core.parts.pricelist.Columns;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface PriceListMapper {
    Optional<ListRow> find(UUID garageId, UUID supplierId);

    List<ListSize> sizes(UUID garageId);

    void forget(UUID garageId, UUID supplierId);

    void insert(UUID garageId, ListRow list);

    /** @param articles as a JSON list, with the names of the columns */
    void insertArticles(UUID garageId, UUID supplierId, String articles);

    /** @param words with a blank between them; each stands somewhere in title or number @param most no more than so many */
    List<ArticleRow> search(UUID garageId, String words, int most);

    record ListRow(
            UUID supplierId,
            LocalDate readOn,
            Decimals decimals,
            int titleColumn,
            int priceColumn,
            @Nullable Integer numberColumn,
            @Nullable Integer piecesColumn,
            @Nullable Integer leadColumn,
            @Nullable Integer stockColumn,
            @Nullable Integer replacedColumn) {
        Columns columns() {
            return new Columns(
                    titleColumn,
                    priceColumn,
                    optional(numberColumn),
                    optional(piecesColumn),
                    optional(leadColumn),
                    optional(stockColumn),
                    optional(replacedColumn));
        }

        private static OptionalInt optional(@Nullable Integer column) {
            return column == null ? OptionalInt.empty() : OptionalInt.of(column);
        }
    }

    /** @param articles how many there are */
    record ListSize(UUID supplierId, int articles, LocalDate readOn) {}

    /** @param replacedBy number of what replaces it; empty while it is made */
    record ArticleRow(
            UUID supplierId,
            String supplier,
            String currency,
            String number,
            String title,
            long priceMinor,
            int pieces,
            @Nullable Integer leadDays,
            @Nullable Integer stock,
            String replacedBy,
            LocalDate readOn) {}
}
