package ofisino.core.parts.pricelist;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;

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

    /** What a heading may be called, from {@code headings.yaml} beside this class. */
    private record Heading(String column, List<String> words) {
        boolean means(String heading) {
            String said = heading.toLowerCase(Locale.ROOT);
            return words.stream().anyMatch(said::contains);
        }
    }

    /** What the first line seems to say; empty where it names neither a title nor a price. */
    public static Optional<Columns> guessed(List<String> header) {
        List<Heading> headings = Entry.readBeside(
                Columns.class,
                "headings.yaml",
                yaml -> Entry.listOf("headings", yaml).stream()
                        .map(e -> e.only("column", "words"))
                        .map(e -> new Heading(e.text("column"), e.texts("words")))
                        .toList());
        List<Integer> taken = new ArrayList<>();
        List<OptionalInt> found = new ArrayList<>();
        for (String column : List.of("price", "replaced", "pieces", "leadDays", "stock", "number", "title")) {
            OptionalInt at = IntStream.range(0, header.size())
                    .filter(i -> !taken.contains(i))
                    .filter(i -> headings.stream().anyMatch(h -> h.column().equals(column) && h.means(header.get(i))))
                    .findFirst();
            at.ifPresent(taken::add);
            found.add(at);
        }
        OptionalInt price = found.get(0);
        OptionalInt title = found.get(6);
        if (price.isEmpty() || title.isEmpty()) return Optional.empty();
        return Optional.of(new Columns(
                title.getAsInt(),
                price.getAsInt(),
                found.get(5),
                found.get(2),
                found.get(3),
                found.get(4),
                found.get(1)));
    }
}
