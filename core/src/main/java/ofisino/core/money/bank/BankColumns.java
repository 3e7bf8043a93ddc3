package ofisino.core.money.bank;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.list.Headings;

/**
 * In which column of a bank's list what stands; the first is 0. The amount stands in one column with its sign, or in two, one for each way.
 *
 * @param amount  less than nothing where it was paid; present exactly where the other two are not
 * @param paidOut what was paid, with or without a sign
 * @param paidIn  what came in; empty where the list has only what was paid
 * @param payee   to or from whom
 * @param purpose what for
 */
public record BankColumns(
        int day, OptionalInt amount, OptionalInt paidOut, OptionalInt paidIn, OptionalInt payee, OptionalInt purpose) {
    public BankColumns {
        if (amount.isPresent() == (paidOut.isPresent() || paidIn.isPresent()))
            throw InvalidValue.at(
                    "amount",
                    "bank.amount",
                    "The amount stands in one column with its sign, or in one for each way, not in both.",
                    "Choose the one or the others.");
        if (payee.isEmpty() && purpose.isEmpty())
            throw InvalidValue.at(
                    "payee", "bank.text", "Nothing says to whom or what for.", "Choose the column that says it.");
        int[] at = Stream.of(OptionalInt.of(day), amount, paidOut, paidIn, payee, purpose)
                .flatMapToInt(OptionalInt::stream)
                .sorted()
                .toArray();
        for (int i = 0; i < at.length; i++)
            if (at[i] < 0 || i > 0 && at[i] == at[i - 1])
                throw InvalidValue.at(
                        "day",
                        "list.columns",
                        "Two things cannot stand in one column, and none before the first.",
                        "Choose a column for each.");
    }

    /** What the first line seems to say; empty where it names no day, no amount or neither payee nor purpose. */
    public static Optional<BankColumns> guessed(List<String> header) {
        Map<String, Integer> at = Headings.beside(BankColumns.class).in(header);
        boolean inOne = at.containsKey("amount");
        boolean inTwo = at.containsKey("paidOut") || at.containsKey("paidIn");
        if (!at.containsKey("day") || !inOne && !inTwo || !at.containsKey("payee") && !at.containsKey("purpose"))
            return Optional.empty();
        return Optional.of(new BankColumns(
                at.get("day"),
                inOne ? column(at, "amount") : OptionalInt.empty(),
                inOne ? OptionalInt.empty() : column(at, "paidOut"),
                inOne ? OptionalInt.empty() : column(at, "paidIn"),
                column(at, "payee"),
                column(at, "purpose")));
    }

    private static OptionalInt column(Map<String, Integer> at, String name) {
        return at.containsKey(name) ? OptionalInt.of(at.get(name)) : OptionalInt.empty();
    }
}
