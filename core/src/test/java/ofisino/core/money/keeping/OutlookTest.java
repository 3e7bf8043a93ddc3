package ofisino.core.money.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.buying.TitleFactor;
import ofisino.core.money.forecast.Span;
import ofisino.core.money.keeping.Outlook.Verdict;
import org.junit.jupiter.api.Test;

class OutlookTest {
    private static final Span NOTHING = Span.of(0);

    /** Scenario 1: 5,100 less 120 selling, 4,434.35 spent, 62 hours. */
    @Test
    void aPickUpThatIsDone() {
        var done = new Outlook(
                Span.of(510_000), Span.of(510_000), new SellingCosts(0, 12_000), 443_435, NOTHING, true, 62 * 60, 0);
        assertThat(done.ifSoldNow().minor()).isEqualTo(54_565);
        assertThat(done.ifSoldNow().perHour()).hasValue(880);
        assertThat(done.breakEven()).isEqualTo(455_435);
    }

    /** Scenario 3: 22,330 with the allowance, a clean one fetches 29,000, the title leaves 0.75 to 0.85 of it. */
    @Test
    void aBrandedTitleLeavesARange() {
        var title = new TitleFactor(7_500, 8_500);
        long clean = 2_900_000;
        var finished = new Span(title.low(clean), title.middle(clean), title.high(clean));
        assertThat(finished).isEqualTo(new Span(2_175_000, 2_320_000, 2_465_000));
        var all = new Outlook(NOTHING, finished, SellingCosts.NONE, 2_203_000, Span.of(30_000), true, 0, 0);
        Span left = all.finishAndSell();
        assertThat(left.lowMinor() - all.spentMinor()).isEqualTo(-58_000);
        assertThat(left.likelyMinor() - all.spentMinor()).isEqualTo(87_000);
        assertThat(left.highMinor() - all.spentMinor()).isEqualTo(232_000);
        assertThat(all.ifFinished().minor()).isEqualTo(87_000);
    }

    /** Scenario 7: 1,850 + 210 + 1,396 + 118 went out, 5,200 came in, 94 hours. */
    @Test
    void theFinalAccountOfASoldCar() {
        var result = new Result(520_000 - (185_000 + 21_000 + 139_600 + 11_800), 94 * 60);
        assertThat(result.minor()).isEqualTo(162_600);
        assertThat(result.perHour()).hasValue(1_730);
        assertThat(result.ifPaid(2_000)).as("94 hours at 20.00").isEqualTo(-25_400);
        assertThat(new Result(5, 0).perHour()).isEmpty();
    }

    /** By hand: worth 1,000 as it stands and 3,000 finished; what finishing costs decides. */
    @Test
    void onlyWhatIsToComeDecides() {
        assertThat(costing(1_000, 1_500, 1_900).verdict()).isEqualTo(Verdict.FINISH);
        assertThat(costing(1_500, 1_900, 2_500).verdict()).isEqualTo(Verdict.OPEN);
        assertThat(costing(2_100, 2_500, 3_000).verdict()).isEqualTo(Verdict.SELL);
        var worthless = new Outlook(NOTHING, Span.of(900), SellingCosts.NONE, 0, Span.of(1_000), true, 0, 0);
        assertThat(worthless.verdict()).isEqualTo(Verdict.STOP);
        assertThat(costing(1_500, 1_900, 2_500).gain()).isEqualTo(new Span(-500, 100, 500));
        assertThat(costing(1_500, 1_900, 2_500).worthFinishingFrom()).isEqualTo(2_900);
    }

    /** What nobody can put a figure on never makes finishing pay for sure. */
    @Test
    void anUnknownCostIsNotAdvisedInto() {
        var unknown = new Outlook(Span.of(1_000), Span.of(9_000), SellingCosts.NONE, 0, Span.of(1_500), false, 0, 0);
        assertThat(unknown.gain().lowMinor()).isPositive();
        assertThat(unknown.verdict()).isEqualTo(Verdict.OPEN);
    }

    private static Outlook costing(long low, long likely, long high) {
        return new Outlook(
                Span.of(1_000), Span.of(3_000), SellingCosts.NONE, 99_999, new Span(low, likely, high), true, 0, 0);
    }

    @Property
    void whatIsSpentChangesNoAdvice(
            @ForAll @LongRange(max = 1_000_000) long now,
            @ForAll @LongRange(max = 1_000_000) long finished,
            @ForAll @LongRange(max = 1_000_000) long cost,
            @ForAll @LongRange(max = 1_000_000) long spent) {
        Outlook poor = outlook(now, finished, cost, spent);
        Outlook rich = outlook(now, finished, cost, 0);
        assertThat(poor.verdict()).isEqualTo(rich.verdict());
        assertThat(poor.gain()).isEqualTo(rich.gain());
        assertThat(poor.ifFinished().minor() - poor.ifSoldNow().minor())
                .isEqualTo(poor.gain().likelyMinor());
    }

    private static Outlook outlook(long now, long finished, long cost, long spent) {
        return new Outlook(
                new Span(now / 2, now, now * 2),
                new Span(finished / 2, finished, finished * 2),
                new SellingCosts(500, 100),
                spent,
                new Span(cost / 2, cost, cost * 2),
                true,
                0,
                0);
    }

    @Property
    void theLowestPriceThatLeavesSoMuch(
            @ForAll @IntRange(max = 9_000) int share,
            @ForAll @LongRange(max = 100_000) long fixed,
            @ForAll @LongRange(max = 10_000_000) long left) {
        var costs = new SellingCosts(share, fixed);
        long price = costs.priceFor(left);
        assertThat(costs.leftOf(price)).isGreaterThanOrEqualTo(left);
        assertThat(price == 0 || costs.leftOf(price - 1) < left).isTrue();
    }

    /** By hand: 2,435.00 over 730 days, 23.98 months of 30.44 days, is 101.53 a month; over 5,000 km 0.49 each. */
    @Test
    void eachMonthAndEachKilometre() {
        var tally = new Tally(243_500, LocalDate.of(2024, 1, 1), LocalDate.of(2025, 12, 31), 5_000);
        assertThat(tally.perMonth()).isEqualTo(10_153);
        assertThat(tally.perKm()).hasValue(49);
        var week = new Tally(10_000, LocalDate.of(2024, 1, 1), LocalDate.of(2024, 1, 8), 0);
        assertThat(week.perMonth()).as("not forty times a quarter").isEqualTo(10_000);
        assertThat(week.perKm()).isEmpty();
    }

    @Test
    void saysWhatCannotBe() {
        assertThatThrownBy(() -> new SellingCosts(10_000, 0)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new SellingCosts(0, -1)).isInstanceOf(InvalidValue.class);
        LocalDate day = LocalDate.of(2024, 1, 2);
        assertThatThrownBy(() -> new Tally(0, day, day.minusDays(1), 0)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new Tally(0, day, day, -1)).isInstanceOf(InvalidValue.class);
    }
}
