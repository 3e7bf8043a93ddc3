package ofisino.core.money.bank;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import ofisino.core.money.bank.BankMatching.Match;
import ofisino.core.money.bank.BankMatching.Receipt;
import org.junit.jupiter.api.Test;

class BankMatchingTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 3);

    @Test
    void theSameAmountNearTheDayIsTheReceipt() {
        BankLine line = line(1, 2, -1250, "Tarn");
        assertThat(BankMatching.of(List.of(line), List.of(receipt(1, 0, 1250, "Clips"))))
                .containsEntry(line.id(), new Match(id(1), true));
    }

    @Test
    void anotherAmountOrAnotherMonthIsNot() {
        BankLine line = line(1, 0, -1250, "Tarn");
        assertThat(BankMatching.of(
                        List.of(line),
                        List.of(
                                receipt(1, 0, 1251, "x"),
                                receipt(2, 0, -1250, "came in"),
                                receipt(3, -BankMatching.DAYS_AFTER - 1, 1250, "x"),
                                receipt(4, BankMatching.DAYS_BEFORE + 1, 1250, "x"))))
                .isEmpty();
        assertThat(BankMatching.of(
                        List.of(line),
                        List.of(
                                receipt(3, -BankMatching.DAYS_AFTER, 1250, "x"),
                                receipt(4, BankMatching.DAYS_BEFORE, 1250, "x"))))
                .hasSize(1);
    }

    @Test
    void ofTwoWithOneAmountTheNamedOneIsMeantAndNothingIsSure() {
        BankLine line = line(1, 0, -1250, "TARN TEILE GMBH 4711");
        assertThat(BankMatching.of(
                        List.of(line),
                        List.of(receipt(1, 0, 1250, "Clips Fastener Shop"), receipt(2, -9, 1250, "Clips Tarn"))))
                .containsExactly(Map.entry(line.id(), new Match(id(2), false)));
    }

    @Test
    void twoPaymentsOfOneAmountHaveEachTheirNearestReceipt() {
        BankLine first = line(1, 0, -500, "x");
        BankLine second = line(2, 7, -500, "x");
        assertThat(BankMatching.of(List.of(second, first), List.of(receipt(1, 0, 500, "a"), receipt(2, 7, 500, "b"))))
                .containsEntry(first.id(), new Match(id(1), false))
                .containsEntry(second.id(), new Match(id(2), false));
    }

    @Test
    void aSellerIsKnownByHisWholeName() {
        BankLine line = line(1, 0, -500, "CARD 77 Tarn Parts-Ltd, Graz");
        assertThat(BankMatching.named(line, Map.of("Tarn", 1, "Tarn Parts Ltd", 2, "Art", 3)))
                .contains(2);
        assertThat(BankMatching.named(line, Map.of("Tar", 1, "", 2))).isEmpty();
        assertThat(BankMatching.named(line, Map.of("Tarn Parts of Linz", 1)))
                .as("cut off")
                .contains(1);
        assertThat(BankMatching.named(line, Map.of("Graz or so", 1)))
                .as("too short")
                .isEmpty();
    }

    /** Over any lists: amounts are the same, nothing is proposed twice, and what is sure is the only one it could be. */
    @Property
    void noReceiptIsProposedTwice(@ForAll long seed) {
        var luck = new Random(seed);
        List<BankLine> lines = IntStream.range(0, 30)
                .mapToObj(i -> line(i, luck.nextInt(60), -1 - luck.nextInt(8), "x"))
                .toList();
        List<Receipt> receipts = IntStream.range(0, 30)
                .mapToObj(i -> receipt(i, luck.nextInt(60), 1 + luck.nextInt(8), "x"))
                .toList();
        Map<UUID, Match> matches = BankMatching.of(lines, receipts);
        assertThat(matches.values()).extracting(Match::receipt).doesNotHaveDuplicates();
        matches.forEach((lineId, match) -> {
            BankLine line = lines.stream()
                    .filter(l -> l.id().equals(lineId))
                    .findFirst()
                    .orElseThrow();
            Receipt receipt = receipts.stream()
                    .filter(r -> r.id().equals(match.receipt()))
                    .findFirst()
                    .orElseThrow();
            assertThat(receipt.baseMinor()).isEqualTo(-line.minor());
            if (match.sure())
                assertThat(receipts.stream()
                                .filter(r -> BankMatching.of(List.of(line), List.of(r))
                                                .size()
                                        == 1))
                        .containsExactly(receipt);
        });
    }

    private static UUID id(int n) {
        return new UUID(7, n);
    }

    private static BankLine line(int n, int day, long minor, String payee) {
        return new BankLine(new UUID(1, n), DAY.plusDays(day), minor, payee, "");
    }

    private static Receipt receipt(int n, int day, long minor, String says) {
        return new Receipt(id(n), DAY.plusDays(day), minor, says);
    }
}
