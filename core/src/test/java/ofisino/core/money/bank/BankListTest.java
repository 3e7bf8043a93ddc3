package ofisino.core.money.bank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.list.DayOrder;
import ofisino.core.kernel.list.Decimals;
import ofisino.core.kernel.list.ListText;
import ofisino.core.money.bank.BankList.BadBecause;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lists as banks write them; all invented. RFC 4180 for what is between quotes. */
class BankListTest {
    private static final UUID ACCOUNT = new UUID(0, 1);
    private static final String GERMAN = """
            Buchungstag;Empfänger;Verwendungszweck;Betrag;Saldo
            03.11.2026;Tarn Teile;Rechnung 17;-1.396,00;2.000,00
            04.11.2026;Bäcker;Brötchen;-4,20;1.995,80
            05.11.2026;Tarn Teile;Gutschrift;12,50;2.008,30
            """;
    private static final String ENGLISH = """
            Date,Description,Paid out,Paid in,Balance
            11/23/2026,"TARN PARTS, INV 17","1,396.00",,2000.00
            11/24/2026,REFUND,,12.50,2012.50
            """;

    @ParameterizedTest
    @CsvSource({"UTF-8", "windows-1252", "UTF-16"})
    void isReadInWhateverLettersItCame(String charset) {
        BankList list = read(GERMAN.getBytes(Charset.forName(charset)));
        assertThat(list.bad()).isEmpty();
        assertThat(list.lines()).extracting(BankLine::minor).containsExactly(-139_600L, -420L, 1250L);
        assertThat(list.lines().get(1))
                .extracting(BankLine::day, BankLine::payee, BankLine::purpose)
                .containsExactly(LocalDate.of(2026, 11, 4), "Bäcker", "Brötchen");
    }

    @Test
    void moneyStandsInAColumnForEachWay() {
        BankList list = read(bytes(ENGLISH));
        assertThat(list.lines()).extracting(BankLine::minor).containsExactly(-139_600L, 1250L);
        assertThat(list.lines()).extracting(BankLine::day).contains(LocalDate.of(2026, 11, 23));
        assertThat(list.lines()).extracting(BankLine::purpose).contains("TARN PARTS, INV 17");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            -12.50 | -1250
            12.50- | -1250
            −12.50 | -1250
            EUR -12.50 | -1250
            12.5 | 1250
            +3 | 300
            """)
    void aSignMayStandOnEitherSide(String said, long minor) {
        assertThat(read(bytes("Date,Payee,Amount\n2026-11-03,x," + said + "\n")).lines())
                .extracting(BankLine::minor)
                .containsExactly(minor);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2026-11-03,x,twelve | AMOUNT
            2026-11-03,x, | AMOUNT
            2026-11-03,x,0.00 | AMOUNT
            2026-11-03,x,12.505 | AMOUNT
            2026-11-03,x,1-2 | AMOUNT
            2026-11-03,x,99999999999999999 | AMOUNT
            2026-02-30,x,12 | DAY
            ,x,12 | DAY
            """)
    void whatCannotBeReadIsSaid(String line, BadBecause why) {
        BankList list = read(bytes("Date,Payee,Amount\n" + line + "\n2026-11-04,y,-1\n"));
        assertThat(list.lines()).hasSize(1);
        assertThat(list.bad()).singleElement().satisfies(b -> {
            assertThat(b.line()).isEqualTo(2);
            assertThat(b.why()).isEqualTo(why);
        });
    }

    @Test
    void moneyBothWaysInOneLineIsNone() {
        BankList list = read(bytes("Date,Details,Paid out,Paid in\n2026-11-03,x,12.00,12.00\n"));
        assertThat(list.bad()).extracting(BankList.Bad::why).containsExactly(BadBecause.AMOUNT);
    }

    @Test
    void theSameLineReadAgainIsTheSameAndTwoAlikeAreTwo() {
        String coffee = "2026-11-03,Coffee,-3.20\n";
        List<UUID> once = ids("Date,Payee,Amount\n" + coffee + coffee);
        assertThat(once).doesNotHaveDuplicates();
        assertThat(ids("Date,Payee,Amount\n2026-11-02,Before,-1\n" + coffee + coffee + "2026-11-04,After,-1\n"))
                .containsAll(once);
        assertThat(BankList.read(
                                ListText.read(bytes("Date,Payee,Amount\n" + coffee)),
                                columns("Date,Payee,Amount"),
                                Decimals.POINT,
                                DayOrder.DAY_FIRST,
                                2,
                                new UUID(0, 2))
                        .lines())
                .as("another's")
                .extracting(BankLine::id)
                .doesNotContainAnyElementsOf(once);
    }

    @Test
    void longAndUnreadableNamesAreCut() {
        BankLine line = read(bytes("Date,Payee,Amount\n2026-11-03,a\u0007b\u202E" + "x".repeat(300) + ",-1\n"))
                .lines()
                .get(0);
        assertThat(line.payee()).startsWith("a b x").hasSize(120).endsWith("…");
    }

    @Test
    void twentyThousandLinesWithThreeHundredBadOnesAreAllAnswered() {
        String lines = IntStream.range(0, 20_000)
                .mapToObj(i -> "2026-11-03,Payee " + i + "," + (i % 67 == 0 && i < 300 * 67 ? "?" : "-" + (i + 1)))
                .collect(Collectors.joining("\n"));
        BankList list = read(bytes("Date,Payee,Amount\n" + lines));
        assertThat(list.bad()).hasSize(299);
        assertThat(list.lines()).hasSize(20_000 - 299);
    }

    @Test
    void columnsMustSayWhatIsNeeded() {
        assertThat(BankColumns.guessed(List.of("Date", "Payee"))).isEmpty();
        assertThat(BankColumns.guessed(List.of("Amount", "Payee"))).isEmpty();
        assertThat(BankColumns.guessed(List.of("Date", "Amount"))).isEmpty();
        OptionalInt none = OptionalInt.empty();
        OptionalInt one = OptionalInt.of(1);
        OptionalInt two = OptionalInt.of(2);
        assertThatThrownBy(() -> new BankColumns(0, one, two, none, OptionalInt.of(3), none))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new BankColumns(0, none, none, none, one, none))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new BankColumns(0, one, none, none, none, none))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new BankColumns(0, one, none, none, one, none)).isInstanceOf(InvalidValue.class);
    }

    private static List<UUID> ids(String file) {
        return read(bytes(file)).lines().stream().map(BankLine::id).toList();
    }

    private static BankColumns columns(String header) {
        return BankColumns.guessed(List.of(header.split(","))).orElseThrow();
    }

    /** As the page proposes it. */
    private static BankList read(byte[] file) {
        ListText text = ListText.read(file);
        BankColumns columns = BankColumns.guessed(text.header()).orElseThrow();
        List<String> days = text.rows().stream().map(r -> r.cell(columns.day())).toList();
        int amount = columns.amount().orElseGet(() -> columns.paidOut().getAsInt());
        List<String> amounts = text.rows().stream().map(r -> r.cell(amount)).toList();
        return BankList.read(text, columns, Decimals.guessed(amounts), DayOrder.guessed(days), 2, ACCOUNT);
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
