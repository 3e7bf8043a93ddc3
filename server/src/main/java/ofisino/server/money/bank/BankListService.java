package ofisino.server.money.bank;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import ofisino.core.kernel.list.DayOrder;
import ofisino.core.kernel.list.Decimals;
import ofisino.core.kernel.list.ListText;
import ofisino.core.money.bank.BankColumns;
import ofisino.core.money.bank.BankLine;
import ofisino.core.money.bank.BankList;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.money.bank.BankController.BadBankLine;
import ofisino.server.money.bank.BankController.BankColumnsOfList;
import ofisino.server.money.bank.BankController.BankLookResponse;
import ofisino.server.money.bank.BankController.BankTakenResponse;
import ofisino.server.money.bank.BankMapper.FormatRow;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Reads what the bank lists, and remembers in which columns each kind of list says what. */
@Service
record BankListService(BankMapper mapper, Garages garages, JsonMapper json) {
    private static final int FIRST_ROWS = 5;

    BankLookResponse look(Caller caller, byte[] file) {
        ListText text = ListText.read(file);
        Optional<FormatRow> last = mapper.format(caller.garageId(), formatId(caller, text));
        Optional<BankColumns> columns = last.map(FormatRow::columns).or(() -> BankColumns.guessed(text.header()));
        List<String> days = columns.map(c -> column(text, c.day())).orElse(List.of());
        return new BankLookResponse(
                text.header(),
                text.rows().stream().limit(FIRST_ROWS).map(ListText.Row::cells).toList(),
                text.rows().size(),
                columns.map(BankListService::said).orElse(null),
                last.map(FormatRow::decimals)
                        .orElseGet(() -> columns.map(c -> Decimals.guessed(amounts(text, c)))
                                .orElse(Decimals.POINT)),
                last.map(FormatRow::days).orElseGet(() -> DayOrder.guessed(days)),
                last.isEmpty() && !days.isEmpty() && DayOrder.isLeftOpen(days),
                last.isPresent());
    }

    private static List<String> column(ListText text, int column) {
        return text.rows().stream().map(r -> r.cell(column)).toList();
    }

    private static List<String> amounts(ListText text, BankColumns c) {
        return column(text, c.amount().orElseGet(() -> c.paidOut().orElseGet(c.paidIn()::getAsInt)));
    }

    private static BankColumnsOfList said(BankColumns c) {
        return new BankColumnsOfList(
                c.day(),
                orNull(c.amount()),
                orNull(c.paidOut()),
                orNull(c.paidIn()),
                orNull(c.payee()),
                orNull(c.purpose()));
    }

    private static @Nullable Integer orNull(OptionalInt column) {
        return column.isPresent() ? (Integer) column.getAsInt() : null;
    }

    BankTakenResponse take(
            Caller caller, BankColumnsOfList at, Decimals decimals, DayOrder days, boolean withoutBad, byte[] file) {
        ListText text = ListText.read(file);
        var format = new FormatRow(
                formatId(caller, text),
                decimals,
                days,
                at.day(),
                at.amount(),
                at.paidOut(),
                at.paidIn(),
                at.payee(),
                at.purpose());
        BankList list = BankList.read(
                text,
                format.columns(),
                decimals,
                days,
                garages.baseCurrency(caller).getDecimalPlaces(),
                caller.garageId());
        List<BadBankLine> bad = list.bad().stream()
                .map(b -> new BadBankLine(b.line(), b.why(), b.said()))
                .toList();
        if (!bad.isEmpty() && !withoutBad) return new BankTakenResponse(0, 0, bad);
        mapper.keepFormat(caller.garageId(), format);
        int taken = mapper.insertNew(
                caller.garageId(),
                json.writeValueAsString(list.lines().stream().map(Kept::of).toList()));
        return new BankTakenResponse(taken, list.lines().size() - taken, bad);
    }

    private static UUID formatId(Caller caller, ListText text) {
        String said = caller.garageId() + "|" + String.join("|", text.header());
        return UUID.nameUUIDFromBytes(said.getBytes(StandardCharsets.UTF_8));
    }

    /** With the names of the columns of the table. */
    private record Kept(UUID id, @JsonProperty("paid_on") LocalDate paidOn, long minor, String payee, String purpose) {
        static Kept of(BankLine l) {
            return new Kept(l.id(), l.day(), l.minor(), l.payee(), l.purpose());
        }
    }
}
