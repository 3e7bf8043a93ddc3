package ofisino.core.plan.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.kernel.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TotalDrawsTest {
    /**
     * Percentiles of beta-PERT in closed form (Commons Math 3.6.1 BetaDistribution, and jstat 1.9.6 for the first): P50, P80, P90. Tolerance:
     * four standard errors of a percentile of 10 000 draws, sqrt(u(1-u)/n) / density, here at most 0.03 of the width.
     */
    @ParameterizedTest
    @CsvSource({
        "2, 3.5, 8, 3.8829, 4.9412, 5.5033",
        "5, 8, 17, 8.7657, 10.8823, 12.0067",
        "1, 4.5, 5, 4.1155, 4.5973, 4.7608",
        "4, 4, 10, 4.7767, 5.6513, 6.2143"
    })
    void drawsBetaPert(double o, double m, double p, double p50, double p80, double p90) {
        var draws = of(List.of(Chance.sure(new ThreePoint(o, m, p))), 1969);
        double tolerance = 0.03 * (p - o);
        assertThat(draws.inTen(5)).isCloseTo(p50, within(tolerance));
        assertThat(draws.inTen(8)).isCloseTo(p80, within(tolerance));
        assertThat(draws.inTen(9)).isCloseTo(p90, within(tolerance));
        assertThat(draws.mean()).isCloseTo((o + 4 * m + p) / 6, within(0.01 * (p - o)));
    }

    @Test
    void whatIsCertainIsExactInEveryPart() {
        var draws = of(List.of(Chance.sure(ThreePoint.certain(100)), Chance.sure(ThreePoint.certain(23))), 7);
        for (int tenth = 1; tenth <= 10; tenth++) assertThat(draws.inTen(tenth)).isEqualTo(123);
    }

    /** By hand: 100 with one chance in four; so nothing in 7 of 10 runs, 100 in the eighth. Standard error of the mean: 0.43. */
    @Test
    void aChanceComesTrueAsOftenAsItSays() {
        var draws = of(List.of(new Chance(0.25, ThreePoint.certain(100))), 42);
        assertThat(draws.inTen(7)).isZero();
        assertThat(draws.inTen(8)).isEqualTo(100);
        assertThat(draws.mean()).isCloseTo(25, within(1.8));
    }

    /** A sum of cautious figures is more cautious than the cautious figure of the sum: nobody is unlucky everywhere. */
    @Test
    void theWholeIsNotTheSumOfCautiousParts() {
        var part = Chance.sure(new ThreePoint(0, 50, 200));
        double one = of(List.of(part), 3).inTen(8);
        double ten = of(java.util.Collections.nCopies(10, part), 3).inTen(8);
        assertThat(ten).isLessThan(10 * one * 0.9).isGreaterThan(10 * part.mean());
    }

    @Test
    void oneSeedGivesOneResult() {
        var chances = List.of(new Chance(0.4, new ThreePoint(1, 2, 9)), Chance.sure(new ThreePoint(0, 5, 6)));
        assertThat(of(chances, 5).inTen(8)).isEqualTo(of(chances, 5).inTen(8));
        assertThat(of(chances, 5).inTen(8)).isNotEqualTo(of(chances, 6).inTen(8));
    }

    /** Common random numbers: taking one chance away, or making it certain, changes the sum by that chance alone. */
    @Test
    void aChangeIsNotMixedWithLuck() {
        var a = Chance.sure(new ThreePoint(10, 20, 60));
        var b = new Chance(0.5, new ThreePoint(0, 100, 300));
        var both = TotalDraws.of(Map.of("a", a, "b", b), 9);
        assertThat(both.without("b").inTen(8))
                .isEqualTo(TotalDraws.of(Map.of("a", a), 9).inTen(8));
        var shifted = both.with("b", Chance.sure(ThreePoint.certain(1000)));
        for (int tenth = 1; tenth <= 10; tenth++)
            assertThat(shifted.inTen(tenth)).isCloseTo(both.without("b").inTen(tenth) + 1000, within(1e-9));
        assertThat(both.with("b", b).inTen(5)).isEqualTo(both.inTen(5));
        assertThat(both.with("b", Chance.sure(b.cost())).mean()).isGreaterThan(both.mean());
        assertThat(both.surely("b").inTen(8))
                .isCloseTo(both.with("b", Chance.sure(b.cost())).inTen(8), within(1e-9));
    }

    private static TotalDraws of(List<Chance> chances, long seed) {
        Map<String, Chance> named = new LinkedHashMap<>();
        for (Chance chance : chances) named.put("chance " + named.size(), chance);
        return TotalDraws.of(named, seed);
    }

    /** To the last digit, also where there are more than are drawn side by side. */
    @Test
    void totalsAloneAreTheSameTotals() {
        Map<String, Chance> chances = new LinkedHashMap<>();
        for (int i = 0; i < 40; i++)
            chances.put("chance " + i, new Chance(0.3, new ThreePoint(i, 2 * i + 1, 5 * i + 2)));
        TotalDraws whole = TotalDraws.of(chances, 1969);
        TotalDraws totals = TotalDraws.totalsOf(chances, 1969);
        for (int tenth = 1; tenth <= 10; tenth++)
            assertThat(totals.inTen(tenth)).isEqualTo(whole.inTen(tenth));
        assertThat(totals.moreThan(whole, 10)).isZero();
        assertThatThrownBy(() -> totals.without("chance 3")).isInstanceOf(IllegalStateException.class);
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> new ThreePoint(3, 2, 5))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("does not rise");
        assertThatThrownBy(() -> new ThreePoint(0, 1, Double.NaN)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new Chance(1.2, ThreePoint.certain(1))).hasMessageContaining("0 to 1");
    }
}
