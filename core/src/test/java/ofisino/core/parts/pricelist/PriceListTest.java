package ofisino.core.parts.pricelist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.list.Decimals;
import ofisino.core.kernel.list.ListText;
import ofisino.core.parts.pricelist.PriceList.Article;
import ofisino.core.parts.pricelist.PriceList.Bad;
import ofisino.core.parts.pricelist.PriceList.BadBecause;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lists as sellers send them. RFC 4180 for what is between quotes. */
class PriceListTest {
    private static final Columns PLAIN = new Columns(
            1, 2, OptionalInt.of(0), OptionalInt.of(3), OptionalInt.of(4), OptionalInt.empty(), OptionalInt.empty());

    @ParameterizedTest
    @CsvSource({"UTF-8", "windows-1252", "UTF-16"})
    void isReadInWhateverLettersItCame(String charset) {
        byte[] file = "Nr;Bezeichnung;Preis\n1;Dämpfer vorn;42,50\n".getBytes(Charset.forName(charset));
        ListText text = ListText.read(file);
        assertThat(text.header()).containsExactly("Nr", "Bezeichnung", "Preis");
        assertThat(text.rows().get(0).cell(1)).isEqualTo("Dämpfer vorn");
    }

    @Test
    void aByteOrderMarkIsNoLetter() {
        byte[] file = "\uFEFFNo,Part,Price\n".getBytes(StandardCharsets.UTF_8);
        assertThat(ListText.read(file).header().get(0)).isEqualTo("No");
    }

    @Test
    void quotesHoldSeparatorsAndLinesTogether() {
        ListText text = ListText.read(bytes("No,Part,Price\n7,\"Hose, 3/8\"\" bore\nlong\",\"1,234.50\"\n"));
        assertThat(text.rows().get(0).cell(1)).isEqualTo("Hose, 3/8\" bore\nlong");
        assertThat(text.rows().get(0).line()).isEqualTo(3);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Article no.|Description|Net price EUR|Pack|Lead days|In stock|Superseded by
            Artikelnummer|Bezeichnung|Preis|VE|Lieferzeit|Bestand|Ersatz durch
            """)
    void headingsAreUnderstood(String a, String b, String c, String d, String e, String f, String g) {
        assertThat(Columns.guessed(List.of(a, b, c, d, e, f, g)))
                .contains(new Columns(
                        1,
                        2,
                        OptionalInt.of(0),
                        OptionalInt.of(3),
                        OptionalInt.of(4),
                        OptionalInt.of(5),
                        OptionalInt.of(6)));
        assertThat(Columns.guessed(List.of("x", "y"))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1, 1, 0", "-1, 2, 0", "1, 2, 2", "1, 2, -1"})
    void eachThingStandsInAColumnOfItsOwn(int title, int price, int number) {
        OptionalInt none = OptionalInt.empty();
        assertThatThrownBy(() -> new Columns(title, price, OptionalInt.of(number), none, none, none, none))
                .isInstanceOf(InvalidValue.class);
    }

    @Test
    void aPriceIsNotAsLongAsALetter() {
        PriceList list = read("No,Part,Price,Pack,Days\n1,Hose," + "9".repeat(5000) + ",1,4\n");
        assertThat(list.bad()).extracting(Bad::why).containsExactly(BadBecause.PRICE);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1.234,50 | COMMA
            € 12,90  | COMMA
            12,9     | COMMA
            1,234.50 | POINT
            12.90 £  | POINT
            1234     | POINT
            """)
    void theSignBeforeTheCentsIsFoundOut(String price, Decimals decimals) {
        assertThat(Decimals.guessed(List.of(price.strip()))).isEqualTo(decimals);
    }

    /** By hand, with the reasons in the order of their lines. */
    @Test
    void everyBadLineIsSaidAndTheOthersAreTaken() {
        PriceList list = read("""
                No,Part,Price,Pack,Days
                1,Hose,12.90,1,4
                2,,3.00,1,4
                3,Clip,free,1,4
                4,Seal,1.005,1,4
                5,Seal,-3.00,1,4
                6,Seal,3.00,0,4
                7,Seal,3.00,1,soon
                1,Hose again,12.90,1,4
                8,Washers,4.80,24,
                """);
        assertThat(list.articles())
                .containsExactly(
                        new Article("1", "Hose", 1290, 1, OptionalInt.of(4), OptionalInt.empty(), ""),
                        new Article("8", "Washers", 480, 24, OptionalInt.empty(), OptionalInt.empty(), ""));
        assertThat(list.bad())
                .containsExactly(
                        new Bad(3, BadBecause.NO_TITLE, "2"),
                        new Bad(4, BadBecause.PRICE, "free"),
                        new Bad(5, BadBecause.PRICE, "1.005"),
                        new Bad(6, BadBecause.PRICE, "-3.00"),
                        new Bad(7, BadBecause.PIECES, "0"),
                        new Bad(8, BadBecause.LEAD_DAYS, "soon"),
                        new Bad(9, BadBecause.TWICE, "1"));
    }

    @Test
    void aYenHasNoDecimals() {
        ListText text = ListText.read(bytes("No,Part,Price\n1,Hose,1290\n2,Clip,1.5\n"));
        Columns columns = new Columns(
                1,
                2,
                OptionalInt.of(0),
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalInt.empty());
        PriceList list = PriceList.read(text, columns, Decimals.POINT, 0);
        assertThat(list.articles()).extracting(Article::priceMinor).containsExactly(1290L);
        assertThat(list.bad()).extracting(Bad::why).containsExactly(BadBecause.PRICE);
    }

    /** 20,000 lines of which each 67th is bad: all of them are said, and no other. */
    @Test
    void inALongListNoBadLineIsLost() {
        int bad = 300;
        String text = IntStream.rangeClosed(1, 20_000)
                .mapToObj(i -> i % 67 == 0 && i / 67 <= bad ? i + ",Part " + i + ",none" : i + ",Part " + i + ",1.50")
                .collect(Collectors.joining("\n", "No,Part,Price\n", "\n"));
        PriceList list = read(text);
        assertThat(list.bad()).hasSize(298);
        assertThat(list.articles()).hasSize(20_000 - 298);
    }

    @Test
    void nothingIsNoList() {
        assertThatThrownBy(() -> ListText.read(bytes(" \n\n"))).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> ListText.read(new byte[0])).isInstanceOf(InvalidValue.class);
        assertThat(ListText.read(bytes("only a heading\n")).rows()).isEmpty();
    }

    /** Whatever file somebody chooses, it is read or refused. */
    @Property
    void noFileBreaksIt(@ForAll @Size(max = 200) byte[] file) {
        try {
            ListText text = ListText.read(file);
            PriceList list = PriceList.read(text, PLAIN, Decimals.POINT, 2);
            assertThat(list.articles().size() + list.bad().size())
                    .isEqualTo(text.rows().size());
            assertThat(list.articles()).allMatch(a -> a.priceMinor() > 0);
        } catch (InvalidValue refused) {
            assertThat(refused.getMessage()).isNotBlank();
        }
    }

    private static PriceList read(String text) {
        return PriceList.read(ListText.read(bytes(text)), PLAIN, Decimals.POINT, 2);
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
