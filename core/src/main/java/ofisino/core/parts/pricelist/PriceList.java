package ofisino.core.parts.pricelist;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import ofisino.core.kernel.list.Decimals;
import ofisino.core.kernel.list.ListText;
import ofisino.core.kernel.list.ListText.Row;
import ofisino.core.parts.sourcing.OrderDates;

/**
 * What a seller sells, as his list says.
 *
 * @param articles that can be read
 * @param bad      lines that cannot, and why
 */
public record PriceList(List<Article> articles, List<Bad> bad) {
    private static final int LONGEST = 120;
    private static final int MOST_PIECES = 9999;
    private static final int MOST_IN_STOCK = 99_999;
    private static final long DEAREST_MINOR = 10_000_000_000L;

    public PriceList {
        articles = List.copyOf(articles);
        bad = List.copyOf(bad);
    }

    /**
     * @param number     the seller's own; empty where he has none
     * @param priceMinor of one pack, in the seller's currency, more than 0
     * @param pieces     in one pack, at least 1
     * @param leadDays   from order to door; empty where the list does not say
     * @param stock      how many there are; empty where the list does not say
     * @param replacedBy number of what replaces it; empty while it is made
     */
    public record Article(
            String number,
            String title,
            long priceMinor,
            int pieces,
            OptionalInt leadDays,
            OptionalInt stock,
            String replacedBy) {}

    /** Why a line cannot be read. */
    public enum BadBecause {
        NO_TITLE,
        TOO_LONG,
        /** No number, nothing, below nothing, or with more decimals than the currency has. */
        PRICE,
        PIECES,
        LEAD_DAYS,
        STOCK,
        /** The number stands in a line before. */
        TWICE
    }

    /** @param line of the file, the first is 1 @param said what stands there */
    public record Bad(long line, BadBecause why, String said) {}

    private record Slip(BadBecause why, String said) {}

    /** @param currencyDecimals of the seller's currency: 2 for cents */
    public static PriceList read(ListText text, Columns columns, Decimals decimals, int currencyDecimals) {
        List<Article> articles = new ArrayList<>();
        List<Bad> bad = new ArrayList<>();
        Set<String> numbers = new HashSet<>();
        for (Row row : text.rows()) {
            Optional<Slip> slip = slip(row, columns, decimals, currencyDecimals, numbers);
            if (slip.isPresent())
                bad.add(new Bad(row.line(), slip.get().why(), cut(slip.get().said())));
            else articles.add(article(row, columns, decimals, currencyDecimals));
        }
        return new PriceList(articles, bad);
    }

    private static String cut(String said) {
        return said.length() > LONGEST ? said.substring(0, LONGEST) : said;
    }

    private static Optional<Slip> slip(
            Row row, Columns columns, Decimals decimals, int currencyDecimals, Set<String> numbers) {
        String title = row.cell(columns.title());
        String number = cell(row, columns.number());
        String replaced = cell(row, columns.replaced());
        String price = row.cell(columns.price());
        if (title.isEmpty()) return Optional.of(new Slip(BadBecause.NO_TITLE, number));
        if (title.length() > LONGEST || number.length() > LONGEST || replaced.length() > LONGEST)
            return Optional.of(new Slip(BadBecause.TOO_LONG, title));
        if (minor(price, decimals, currencyDecimals).isEmpty()) return Optional.of(new Slip(BadBecause.PRICE, price));
        if (isOff(row, columns.pieces(), 1, MOST_PIECES)) return slip(BadBecause.PIECES, row, columns.pieces());
        if (isOff(row, columns.leadDays(), 0, OrderDates.LONGEST_LEAD_DAYS))
            return slip(BadBecause.LEAD_DAYS, row, columns.leadDays());
        if (isOff(row, columns.stock(), 0, MOST_IN_STOCK)) return slip(BadBecause.STOCK, row, columns.stock());
        if (!number.isEmpty() && !numbers.add(number)) return Optional.of(new Slip(BadBecause.TWICE, number));
        return Optional.empty();
    }

    private static Optional<Slip> slip(BadBecause why, Row row, OptionalInt column) {
        return Optional.of(new Slip(why, cell(row, column)));
    }

    private static Article article(Row row, Columns columns, Decimals decimals, int currencyDecimals) {
        return new Article(
                cell(row, columns.number()),
                row.cell(columns.title()),
                minor(row.cell(columns.price()), decimals, currencyDecimals).getAsLong(),
                whole(cell(row, columns.pieces())).orElse(1),
                whole(cell(row, columns.leadDays())),
                whole(cell(row, columns.stock())),
                cell(row, columns.replaced()));
    }

    private static String cell(Row row, OptionalInt column) {
        return column.isPresent() ? row.cell(column.getAsInt()) : "";
    }

    private static boolean isOff(Row row, OptionalInt column, int least, int most) {
        String said = cell(row, column);
        if (said.isEmpty()) return false;
        OptionalInt n = whole(said);
        return n.isEmpty() || n.getAsInt() < least || n.getAsInt() > most;
    }

    /** Empty where nothing or no whole number stands there. */
    private static OptionalInt whole(String said) {
        try {
            return said.isEmpty() ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(said));
        } catch (NumberFormatException e) {
            return OptionalInt.empty();
        }
    }

    private static OptionalLong minor(String said, Decimals decimals, int currencyDecimals) {
        OptionalLong price = decimals.minor(said, currencyDecimals);
        return price.isPresent() && price.getAsLong() > 0 && price.getAsLong() <= DEAREST_MINOR
                ? price
                : OptionalLong.empty();
    }
}
