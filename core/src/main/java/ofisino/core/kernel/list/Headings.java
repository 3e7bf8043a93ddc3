package ofisino.core.kernel.list;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import ofisino.core.kernel.Entry;

/**
 * What the columns of a kind of list may be called, from its data.
 *
 * @param columns in the order in which they take a heading that fits several
 */
public record Headings(List<Column> columns) {
    public Headings {
        columns = List.copyOf(columns);
    }

    /** @param words in small letters; a heading that holds one of them means the column */
    public record Column(String name, List<String> words) {
        public Column {
            words = List.copyOf(words);
        }

        private boolean isMeantBy(String heading) {
            String said = heading.toLowerCase(Locale.ROOT);
            return words.stream().anyMatch(said::contains);
        }
    }

    /** Reads {@code headings.yaml} beside the class whose columns they are; each entry has its place in the order as {@code turn}. */
    public static Headings beside(Class<?> columns) {
        record Turned(int turn, Column column) {}
        return new Headings(Entry.readBeside(
                        columns,
                        "headings.yaml",
                        yaml -> Entry.listOf("headings", yaml).stream()
                                .map(e -> e.only("column", "turn", "words"))
                                .map(e -> new Turned(e.whole("turn"), new Column(e.text("column"), e.texts("words"))))
                                .toList())
                .stream()
                .sorted(Comparator.comparingInt(Turned::turn))
                .map(Turned::column)
                .toList());
    }

    /** In which column, the first is 0, what stands; what no heading names is not in it. */
    public Map<String, Integer> in(List<String> header) {
        List<Integer> taken = new ArrayList<>();
        Map<String, Integer> found = new HashMap<>();
        for (Column column : columns) {
            OptionalInt at = IntStream.range(0, header.size())
                    .filter(i -> !taken.contains(i))
                    .filter(i -> column.isMeantBy(header.get(i)))
                    .findFirst();
            at.ifPresent(i -> {
                taken.add(i);
                found.put(column.name(), i);
            });
        }
        return Map.copyOf(found);
    }
}
