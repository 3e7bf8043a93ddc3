package ofisino.core.money.buying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalLong;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import ofisino.core.Seeds;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.buying.Advice.Word;
import ofisino.core.money.buying.BuyingCase.Hidden;
import ofisino.core.money.buying.BuyingCase.Repair;
import ofisino.core.money.buying.BuyingCosts.CostKind;
import ofisino.core.money.buying.Comparables.Comparable;
import ofisino.core.plan.risk.Chance;
import ofisino.core.plan.risk.ThreePoint;
import org.junit.jupiter.api.Test;

class BuyingTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    /**
     * First sum: duty and import tax. Order of an import by the value at the border, Regulation (EU) 952/2013 art. 70-71 and Directive
     * 2006/112/EC art. 85-86 (from memory): 8 000 + 1 200 + 100 = 9 300; duty 10 % 930; tax 20 % of 9 300 + 930 + 250 = 2 096; in all
     * 12 576 landed. Tax on the goods alone (1 600) is the usual mistake.
     */
    @Test
    void dutyAndTaxComeInTheirOrder() {
        var costs = new BuyingCosts(0, 0, 1_200_00, 100_00, 1_000, 2_000, 250_00, 0);
        assertThat(costs.at(8_000_00))
                .extracting(BuyingCosts.CostLine::kind, BuyingCosts.CostLine::minor)
                .containsExactly(
                        tuple(CostKind.FREIGHT, 1_200_00L),
                        tuple(CostKind.INSURANCE, 100_00L),
                        tuple(CostKind.DUTY, 930_00L),
                        tuple(CostKind.IMPORT_TAX, 2_096_00L),
                        tuple(CostKind.TRANSPORT, 250_00L));
        assertThat(8_000_00 + costs.sumAt(8_000_00)).isEqualTo(12_576_00);
        // worth 15 000 finished, 2 000 of certain work, 424 wanted: 12 576 are left for buying, so the ceiling is 8 000
        // again
        var ceiling = Ceiling.of(case_(15_000_00, TitleFactor.CLEAN, costs, 424_00, certain("brakes", 2_000_00)));
        assertThat(ceiling.price()).isEqualTo(8_000_00);
        assertThat(ceiling.rest()).isZero();
    }

    /** The part of the check table: 245.00 + 38.50 + 2.45 = 285.95; duty 4.5 % = 12.87; tax 21 % of 298.82 = 62.75; 361.57. */
    @Test
    void eachLineIsRoundedOnce() {
        var costs = new BuyingCosts(0, 0, 38_50, 2_45, 450, 2_100, 0, 0);
        assertThat(245_00 + costs.sumAt(245_00)).isEqualTo(361_57);
    }

    /**
     * Second sum: a branded title (scenario 3). Clean comparable 29 000 × 0.75 to 0.85: 21 750 to 24 650, middle 23 200. Transport 650, body
     * 2 750, glass 180, donor 6 400 less 2 150 sold (what is only hoped for does not count), allowance 300. Bought at 14 200 the margin is
     * −580, +870, +2 320; so the ceilings without margin are 13 620, 15 070 and 16 520.
     */
    @Test
    void aBrandedTitleGivesARange() {
        var title = new TitleFactor(7_500, 8_500);
        assertThat(title.low(29_000_00)).isEqualTo(21_750_00);
        assertThat(title.high(29_000_00)).isEqualTo(24_650_00);
        var tavmere = new BuyingCase(
                29_000_00,
                title,
                List.of(certain("body", 2_750_00), certain("glass", 180_00), certain("donor", 6_400_00 - 2_150_00)),
                List.of(),
                300_00,
                new BuyingCosts(0, 0, 0, 0, 0, 0, 650_00, 0),
                0,
                1);
        Ceiling ceiling = Ceiling.of(tavmere);
        assertThat(List.of(ceiling.atLow(), ceiling.price(), ceiling.atHigh()))
                .containsExactly(13_620_00L, 15_070_00L, 16_520_00L)
                .extracting(c -> c - 14_200_00)
                .containsExactly(-580_00L, 870_00L, 2_320_00L);
        assertThat(ceiling.repair()).isEqualTo(7_480_00);
        assertThat(Advice.on(tavmere, OptionalLong.of(14_200_00), 29_000_00, 29_000_00)
                        .word())
                .isEqualTo(Word.FAIR);
    }

    /**
     * Third sum: seen on photos only. Worth 6 000; 500 of certain work; an auction's fee of 5 %; the floor may hide 3 000 with a chance of
     * 3 in 10. At 8 in 10 the hidden damage counts in full: 6 000 − 3 500 = 2 500 for price and fee, so 2 500 ÷ 1.05 = 2 380.95.
     */
    @Test
    void photosOnlyMeansThatTheHiddenCounts() {
        Ceiling ceiling = Ceiling.of(photos());
        assertThat(ceiling.price()).isEqualTo(2_380_95);
        assertThat(ceiling.costs()).containsExactly(new BuyingCosts.CostLine(CostKind.FEE, 119_05));
        assertThat(ceiling.value() - ceiling.repair() - 119_05 - ceiling.margin() - ceiling.price())
                .isEqualTo(ceiling.rest())
                .isZero();
    }

    /**
     * Value of looking by hand, asked 2 600. Damaged: ceiling 2 380.95, so one walks away: 0. Sound: 5 500 ÷ 1.05 = 5 238.10, so 2 638.10
     * is gained with 7 chances in 10: 1 846.67. Not knowing: 0.3 × 2 380.95 + 0.7 × 5 238.10 − 2 600 = 1 780.955. The difference is 65.715,
     * rounded 65.72, less 40 for the trip.
     */
    @Test
    void lookingIsWorthWhatItSpares() {
        var advice = Advice.on(photos(), OptionalLong.of(2_600_00), 6_000_00, 6_000_00);
        long sound = Ceiling.of(new BuyingCase(
                        6_000_00, TitleFactor.CLEAN, photos().repairs(), List.of(), 0, photos().costs(), 0, 2026))
                .price();
        assertThat(sound).isEqualTo(5_238_10);
        double knowing = 0.7 * (sound - 2_600_00);
        double not = 0.3 * 2_380_95 + 0.7 * sound - 2_600_00;
        assertThat(advice.looks()).containsExactly(new Advice.Look("floor-left", Math.round(knowing - not) - 40_00));
        assertThat(advice.looks().get(0).worth()).isEqualTo(25_72);
        assertThat(advice.word()).isEqualTo(Word.BID_UP_TO);
        assertThat(Advice.on(photos(), OptionalLong.empty(), 6_000_00, 6_000_00).looks())
                .isEmpty();
    }

    @Test
    void saysWalkAwayWhereEvenAGiftIsTooDear() {
        var hopeless = case_(3_000_00, TitleFactor.CLEAN, BuyingCosts.NONE, 0, certain("everything", 3_000_00));
        assertThat(Advice.on(hopeless, OptionalLong.of(0), 3_000_00, 3_000_00).word())
                .isEqualTo(Word.WALK_AWAY);
    }

    /** Certain sums: each finding lowers the ceiling by itself, with the fee of 5 % less: 200 ÷ 1.05 = 190.48, 1 000 ÷ 1.05 = 952.38. */
    @Test
    void eachFindingSaysByHowMuchItLoweredTheCeiling() {
        var costs = new BuyingCosts(500, 0, 0, 0, 0, 0, 0, 0);
        var c = new BuyingCase(
                10_000_00,
                TitleFactor.CLEAN,
                List.of(
                        certain("glass", 200_00),
                        certain("sill", 1_000_00),
                        new Repair("recall", ThreePoint.certain(500_00), true)),
                List.of(),
                0,
                costs,
                0,
                5);
        List<Advice.Lowered> lowered =
                Advice.on(c, OptionalLong.empty(), 10_000_00, 10_000_00).lowered();
        assertThat(lowered).extracting(Advice.Lowered::title).containsExactly("sill", "glass");
        assertThat(lowered.get(0).by()).as("to a cent, by rounding").isBetween(952_37L, 952_39L);
        assertThat(lowered.get(1).by()).as("to a cent, by rounding").isBetween(190_47L, 190_49L);
    }

    /** 1 300 for its parts, 500 margin, 250 transport, 5 % fee: 550 ÷ 1.05 = 523.80 and the fee of 26.19 rounds up by a cent. */
    @Test
    void aDonorIsWorthItsParts() {
        var costs = new BuyingCosts(500, 0, 0, 0, 0, 0, 250_00, 0);
        assertThat(Ceiling.asDonor(1_300_00, costs, 500_00)).isEqualTo(523_81);
        assertThat(Ceiling.asDonor(700_00, costs, 500_00)).isEqualTo(-50_00);
    }

    @Test
    void whatMovesItMostComesFirst() {
        var c = new BuyingCase(
                10_000_00,
                new TitleFactor(9_000, 10_000),
                List.of(
                        new Repair("engine", new ThreePoint(500_00, 1_000_00, 4_000_00), false),
                        certain("glass", 200_00)),
                List.of(new Hidden("floor-left", new Chance(0.5, ThreePoint.certain(300_00)), 0)),
                0,
                BuyingCosts.NONE,
                0,
                5);
        assertThat(Advice.on(c, OptionalLong.empty(), 9_800_00, 10_000_00).movers())
                .extracting(Advice.Mover::input, Advice.Mover::title)
                .containsExactly(
                        tuple(Advice.Input.REPAIR, "engine"),
                        tuple(Advice.Input.TITLE, ""),
                        tuple(Advice.Input.UNSEEN, "floor-left"),
                        tuple(Advice.Input.VALUE, ""));
    }

    @Test
    void whatSomebodyElseOwesCostsNothing() {
        var recall = new Repair("airbag recall", ThreePoint.certain(900_00), true);
        assertThat(Ceiling.of(case_(5_000_00, TitleFactor.CLEAN, BuyingCosts.NONE, 0, recall))
                        .price())
                .isEqualTo(5_000_00);
    }

    /** By hand: asked prices count 10 % less: 4 500, 5 400 (asked 6 000), 5 600; the fourth is far away from all. */
    @Test
    void theValueIsTheMedianOfLikeVehicles() {
        var comparables = Comparables.of(
                List.of(
                        new Comparable("one", 4_500_00, true, DAY),
                        new Comparable("two", 6_000_00, false, DAY),
                        new Comparable("three", 5_600_00, true, DAY),
                        new Comparable("show car", 19_000_00, false, DAY)),
                1_000);
        assertThat(comparables.median()).isEqualTo(5_400_00);
        assertThat(comparables.low()).isEqualTo(4_500_00);
        assertThat(comparables.high()).isEqualTo(5_600_00);
        assertThat(comparables.leftOut()).extracting(Comparable::title).containsExactly("show car");
        assertThatThrownBy(() -> Comparables.of(List.of(), 0)).hasMessageContaining("Nothing to compare");
    }

    /** The sum laid open is exact at every price, and a cent more would not be paid for. */
    @Property(tries = 150, seed = Seeds.OF_THE_DAY)
    void theSumIsExact(
            @ForAll @LongRange(min = 100_00, max = 90_000_00) long value,
            @ForAll @IntRange(max = 3_000) int fee,
            @ForAll @IntRange(max = 2_500) int duty,
            @ForAll @IntRange(max = 2_700) int tax,
            @ForAll @LongRange(max = 3_000_00) long freight) {
        var costs = new BuyingCosts(fee, 10_00, freight, 0, duty, tax, 50_00, 80_00);
        var c = case_(value, TitleFactor.CLEAN, costs, 200_00, certain("work", 300_00));
        Ceiling ceiling = Ceiling.of(c);
        long costsThere =
                ceiling.costs().stream().mapToLong(BuyingCosts.CostLine::minor).sum();
        assertThat(ceiling.value())
                .isEqualTo(ceiling.price() + costsThere + ceiling.repair() + ceiling.margin() + ceiling.rest());
        if (ceiling.price() > 0) {
            assertThat(ceiling.rest()).isNotNegative();
            long dearer = ceiling.price() + 1;
            assertThat(dearer + costs.sumAt(dearer))
                    .isGreaterThan(ceiling.value() - ceiling.repair() - ceiling.margin());
        }
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> new TitleFactor(9_000, 8_000))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("lower figure first");
        assertThatThrownBy(() -> new TitleFactor(0, 10_001)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new BuyingCosts(0, -1, 0, 0, 0, 0, 0, 0)).hasMessageContaining("cannot be negative");
        assertThatThrownBy(() -> new BuyingCosts(0, 0, 0, 0, 20_000, 0, 0, 0))
                .hasMessageContaining("between 0 and 100");
        assertThatThrownBy(() -> new Comparable("gift", 0, true, DAY)).hasMessageContaining("above 0");
        Hidden floor = new Hidden("floor-left", new Chance(0.5, ThreePoint.certain(1)), 0);
        assertThatThrownBy(() -> new BuyingCase(
                        1, TitleFactor.CLEAN, List.of(), List.of(floor, floor), 0, BuyingCosts.NONE, 0, 1))
                .hasMessageContaining("named twice");
        assertThatThrownBy(() -> case_(-1, TitleFactor.CLEAN, BuyingCosts.NONE, 0))
                .hasMessageContaining("negative");
    }

    private static BuyingCase photos() {
        return new BuyingCase(
                6_000_00,
                TitleFactor.CLEAN,
                List.of(certain("tyres", 500_00)),
                List.of(new Hidden("floor-left", new Chance(0.3, ThreePoint.certain(3_000_00)), 40_00)),
                0,
                new BuyingCosts(500, 0, 0, 0, 0, 0, 0, 0),
                0,
                2026);
    }

    private static BuyingCase case_(long value, TitleFactor title, BuyingCosts costs, long margin, Repair... repairs) {
        return new BuyingCase(value, title, List.of(repairs), List.of(), 0, costs, margin, 1);
    }

    private static Repair certain(String title, long minor) {
        return new Repair(title, ThreePoint.certain(minor), false);
    }
}
