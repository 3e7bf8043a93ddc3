package ofisino.core.kernel.list;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A list as somebody has it: of lines with columns. What is put between the columns, and in which letters it is written, is found out.
 *
 * @param header the first line
 * @param rows   the others, but for empty ones
 */
public record ListText(List<String> header, List<Row> rows) {
    private static final Charset WESTERN = Charset.forName("windows-1252");
    private static final char BYTE_ORDER_MARK = '\uFEFF';
    private static final char UNREADABLE = '\uFFFD';
    private static final int MOST_LINES = 100_000;
    private static final int LARGEST_BYTES = 8 * 1024 * 1024;

    public ListText {
        header = List.copyOf(header);
        rows = List.copyOf(rows);
    }

    /** @param line of the file, the first is 1 */
    public record Row(long line, List<String> cells) {
        public Row {
            cells = List.copyOf(cells);
        }

        /** Empty where the line is shorter. */
        public String cell(int column) {
            return column < cells.size() ? cells.get(column).strip() : "";
        }
    }

    /** @throws InvalidValue where it is empty or far too long */
    public static ListText read(byte[] file) {
        if (file.length > LARGEST_BYTES)
            throw InvalidValue.at(
                    "file",
                    "list.large",
                    "That list is larger than 8 MB.",
                    "Cut out what you need, or leave columns out.");
        String text = decoded(file);
        if (text.isBlank()) throw isEmpty();
        List<Row> all = new ArrayList<>();
        try (CSVParser lines = CSVParser.parse(
                new StringReader(text),
                CSVFormat.DEFAULT
                        .builder()
                        .setDelimiter(separator(text))
                        .setIgnoreEmptyLines(true)
                        .setLenientEof(true)
                        .setTrailingData(true)
                        .get())) {
            for (CSVRecord record : lines) {
                if (all.size() > MOST_LINES)
                    throw InvalidValue.at(
                            "file",
                            "list.long",
                            "That list has more than %d lines.",
                            "Cut out what you need.",
                            MOST_LINES);
                if (record.stream().anyMatch(cell -> !cell.isBlank()))
                    all.add(new Row(lines.getCurrentLineNumber(), record.toList()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (all.isEmpty()) throw isEmpty();
        return new ListText(all.get(0).cells(), all.subList(1, all.size()));
    }

    private static InvalidValue isEmpty() {
        return InvalidValue.at("file", "list.empty", "Nothing stands in that list.", "Choose another file.");
    }

    private static String decoded(byte[] file) {
        if (file.length > 1
                && (file[0] == (byte) 0xFF && file[1] == (byte) 0xFE
                        || file[0] == (byte) 0xFE && file[1] == (byte) 0xFF))
            return new String(file, StandardCharsets.UTF_16);
        String text = new String(file, StandardCharsets.UTF_8);
        if (text.indexOf(UNREADABLE) >= 0) return new String(file, WESTERN);
        return !text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK ? text.substring(1) : text;
    }

    /** What stands most often in the first line. */
    private static char separator(String text) {
        String first = text.lines().filter(l -> !l.isBlank()).findFirst().orElseThrow();
        return Stream.of(';', '\t', ',', '|')
                .max(Comparator.comparingLong(
                        c -> first.chars().filter(x -> x == c).count()))
                .orElseThrow();
    }
}
