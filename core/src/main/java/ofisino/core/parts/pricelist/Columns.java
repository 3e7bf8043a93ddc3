package ofisino.core.parts.pricelist;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.list.Headings;

/**
 * In which column of a list what stands; the first is 0.
 *
 * @param number   the seller's own; empty where he has none
 * @param pieces   in one pack
 * @param stock    how many there are
 * @param replaced by which number, where the thing is no longer made
 */
public record Columns(
        int title,
        int price,
        OptionalInt number,
        OptionalInt pieces,
        OptionalInt leadDays,
        OptionalInt stock,
        OptionalInt replaced) {
    public Columns {
        IntStream all = IntStream.concat(
                IntStream.of(title, price),
                Stream.of(number, pieces, leadDays, stock, replaced).flatMapToInt(OptionalInt::stream));
        int[] at = all.toArray();
        if (IntStream.of(at).anyMatch(c -> c < 0) || IntStream.of(at).distinct().count() < at.length)
            throw InvalidValue.at(
                    "price",
                    "list.columns",
                    "Two things cannot stand in one column, and none before the first.",
                    "Choose a column for each.");
    }

    /** What the first line seems to say; empty where it names neither a title nor a price. */
    public static Optional<Columns> guessed(List<String> header) {
        Map<String, Integer> at = Headings.beside(Columns.class).in(header);
        if (!at.containsKey("price") || !at.containsKey("title")) return Optional.empty();
        return Optional.of(new Columns(
                at.get("title"),
                at.get("price"),
                column(at, "number"),
                column(at, "pieces"),
                column(at, "leadDays"),
                column(at, "stock"),
                column(at, "replaced")));
    }

    private static OptionalInt column(Map<String, Integer> at, String name) {
        return at.containsKey(name) ? OptionalInt.of(at.get(name)) : OptionalInt.empty();
    }
}
