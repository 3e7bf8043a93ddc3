package ofisino.core.money.bank;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.list.DayOrder;
import ofisino.core.kernel.list.Decimals;
import ofisino.core.kernel.list.ListText;
import ofisino.core.kernel.list.ListText.Row;

/**
 * What a bank's list says was paid and came in.
 *
 * @param lines that can be read
 * @param bad   lines that cannot, and why
 */
public record BankList(List<BankLine> lines, List<Bad> bad) {
    public BankList {
        lines = List.copyOf(lines);
        bad = List.copyOf(bad);
    }

    /** Why a line cannot be read. */
    public enum BadBecause {
        /** Nothing, or no day of the calendar. */
        DAY,
        /** No number, nothing, money both ways, or more decimals than the currency has. */
        AMOUNT
    }

    /** @param line of the file, the first is 1 @param said what stands there */
    public record Bad(long line, BadBecause why, String said) {}

    /**
     * @param account          whose list it is: the same line of another's is another
     * @param currencyDecimals of the account: 2 for cents
     */
    public static BankList read(
            ListText text, BankColumns columns, Decimals decimals, DayOrder days, int currencyDecimals, UUID account) {
        List<BankLine> lines = new ArrayList<>();
        List<Bad> bad = new ArrayList<>();
        Map<String, Integer> alike = new HashMap<>();
        for (Row row : text.rows()) {
            String saidDay = row.cell(columns.day());
            Optional<LocalDate> day = days.read(saidDay);
            OptionalLong amount = amount(row, columns, decimals, currencyDecimals);
            if (day.isEmpty()) bad.add(new Bad(row.line(), BadBecause.DAY, Texts.fitting(saidDay)));
            else if (amount.isEmpty())
                bad.add(new Bad(row.line(), BadBecause.AMOUNT, Texts.fitting(saidAmount(row, columns))));
            else lines.add(line(row, columns, day.get(), amount.getAsLong(), account, alike));
        }
        return new BankList(lines, bad);
    }

    private static BankLine line(
            Row row, BankColumns columns, LocalDate day, long minor, UUID account, Map<String, Integer> alike) {
        String payee = readable(row, columns.payee());
        String purpose = readable(row, columns.purpose());
        String said = String.join("|", account.toString(), day.toString(), String.valueOf(minor), payee, purpose);
        int nth = alike.merge(said, 1, Integer::sum);
        return new BankLine(
                UUID.nameUUIDFromBytes((said + "|" + nth).getBytes(StandardCharsets.UTF_8)),
                day,
                minor,
                Texts.fitting(payee),
                Texts.fitting(purpose));
    }

    private static String readable(Row row, OptionalInt column) {
        String said = column.isPresent() ? row.cell(column.getAsInt()) : "";
        return said.replaceAll("[\\p{Cc}\\p{Cs}\\p{Cf}]", " ")
                .replaceAll("\\s+", " ")
                .strip();
    }

    private static OptionalLong amount(Row row, BankColumns columns, Decimals decimals, int currencyDecimals) {
        if (columns.amount().isPresent())
            return some(decimals.minor(row.cell(columns.amount().getAsInt()), currencyDecimals));
        OptionalLong out = oneWay(row, columns.paidOut(), decimals, currencyDecimals);
        OptionalLong in = oneWay(row, columns.paidIn(), decimals, currencyDecimals);
        if (out.isPresent() == in.isPresent()) return OptionalLong.empty();
        return out.isPresent() ? OptionalLong.of(-out.getAsLong()) : in;
    }

    /** Without its sign; banks write what was paid with one or without. */
    private static OptionalLong oneWay(Row row, OptionalInt column, Decimals decimals, int currencyDecimals) {
        if (column.isEmpty()) return OptionalLong.empty();
        OptionalLong read = some(decimals.minor(row.cell(column.getAsInt()), currencyDecimals));
        return read.isPresent() ? OptionalLong.of(Math.abs(read.getAsLong())) : read;
    }

    private static OptionalLong some(OptionalLong minor) {
        return minor.isPresent() && minor.getAsLong() == 0 ? OptionalLong.empty() : minor;
    }

    private static String saidAmount(Row row, BankColumns columns) {
        return Stream.of(columns.amount(), columns.paidOut(), columns.paidIn())
                .flatMapToInt(OptionalInt::stream)
                .mapToObj(row::cell)
                .filter(s -> !s.isEmpty())
                .findFirst()
                .orElse("");
    }
}
