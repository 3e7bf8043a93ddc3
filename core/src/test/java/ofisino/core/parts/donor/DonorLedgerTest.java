package ofisino.core.parts.donor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.donor.DonorLedger.Piece;
import ofisino.core.vehicle.anatomy.Anatomy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sums by hand. */
class DonorLedgerTest {
    /** Scenario 3: 6,400 paid, 2,150 sold; 1,900 that is hoped for stands apart. */
    @Test
    void whatIsHopedForIsNoMoney() {
        DonorLedger ledger = DonorLedger.of(
                6_400_00,
                List.of(
                        piece(Verdict.FILLS_GAP, 3_000_00, 0, 0),
                        piece(Verdict.SPARE, 1_000_00, 2_150_00, 0),
                        piece(Verdict.SPARE, 0, 0, 1_900_00)));
        assertThat(ledger.netMinor()).isEqualTo(4_250_00);
        assertThat(ledger.hopedMinor()).isEqualTo(1_900_00);
        assertThat(ledger.sharesMinor().values()).containsExactlyInAnyOrder(4_800_00L, 1_600_00L, 0L);
    }

    /** Scenario 11: of 38 pieces 25 are of use; a lot of 900 without values costs 36 for each of them. */
    @Test
    void theUsefulPiecesBearTheLot() {
        List<Piece> lot = new ArrayList<>();
        lot.addAll(several(9, Verdict.FILLS_GAP));
        lot.addAll(several(5, Verdict.BETTER));
        lot.addAll(several(11, Verdict.SPARE));
        lot.addAll(several(2, Verdict.PATTERN));
        lot.addAll(several(6, Verdict.SCRAP));
        lot.addAll(several(5, Verdict.UNKNOWN));
        assertThat(lot).hasSize(38);
        DonorLedger ledger = DonorLedger.of(900_00, lot);
        assertThat(ledger.sharesMinor()).hasSize(25);
        assertThat(ledger.sharesMinor().values()).containsOnly(36_00L);
        assertThat(ledger.unsharedMinor()).isZero();
        assertThat(DonorLedger.of(900_00, several(3, Verdict.UNKNOWN)).unsharedMinor())
                .as("nothing of use yet")
                .isEqualTo(900_00);
    }

    /** Whatever they are worth, the shares are the cost, and a dearer piece never bears less. */
    @Property
    void theSharesAreTheCost(
            @ForAll @LongRange(min = 0, max = 100_000_000) long cost,
            @ForAll @Size(min = 1, max = 40) List<@LongRange(min = 0, max = 1_000_000) Long> values) {
        List<Piece> pieces =
                values.stream().map(v -> piece(Verdict.SPARE, v, 0, 0)).toList();
        DonorLedger ledger = DonorLedger.of(cost, pieces);
        assertThat(ledger.sharesMinor().values().stream().mapToLong(s -> s).sum())
                .isEqualTo(cost);
        if (values.stream().anyMatch(v -> v > 0))
            for (Piece one : pieces)
                for (Piece other : pieces)
                    if (one.valueMinor() > other.valueMinor())
                        assertThat(ledger.sharesMinor().get(one.id()))
                                .isGreaterThanOrEqualTo(ledger.sharesMinor().get(other.id()) - 1);
    }

    @Test
    void moreMayComeBackThanWasPaid() {
        assertThat(DonorLedger.of(100, List.of(piece(Verdict.SPARE, 1, 250, 0))).netMinor())
                .isEqualTo(-150);
        assertThatThrownBy(() -> DonorLedger.of(-1, List.of())).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> piece(Verdict.SPARE, -1, 0, 0)).isInstanceOf(InvalidValue.class);
        assertThat(Arrays.stream(Verdict.values()).filter(Verdict::isUseful))
                .containsExactly(Verdict.FILLS_GAP, Verdict.BETTER, Verdict.SPARE);
    }

    @ParameterizedTest
    @CsvSource({
        "front-wing-panel, true",
        "front-bumper-blade, true",
        "rear-silencer, true",
        "brake-disc-front, false",
        "water-pump, false",
        "accessory-belt, false",
        "master-cylinder, false"
    })
    void whatWearsAndWhatLivesHangOnIsBoughtNew(String component, boolean lookedFor) {
        Anatomy anatomy = Anatomy.load();
        assertThat(NotFromDonors.load(anatomy.natures())
                        .concerns(anatomy.find(component).orElseThrow()))
                .isEqualTo(!lookedFor);
    }

    private static List<Piece> several(int count, Verdict verdict) {
        return Collections.nCopies(count, verdict).stream()
                .map(v -> piece(v, 0, 0, 0))
                .toList();
    }

    private static Piece piece(Verdict verdict, long value, long sold, long hoped) {
        return new Piece(UUID.randomUUID(), verdict, value, sold, hoped);
    }
}
