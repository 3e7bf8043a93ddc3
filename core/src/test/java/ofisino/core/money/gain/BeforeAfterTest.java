package ofisino.core.money.gain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.DoubleStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.gain.BeforeAfter.Better;
import ofisino.core.money.gain.Gain.Verdict;
import org.junit.jupiter.api.Test;

/** What a piece of work brought: only what the runs bear out is a gain. */
class BeforeAfterTest {
    /**
     * Additional hours of sleep by two drugs, ten patients each (“Student”, Biometrika 6, 1908; figures of Cushny and Peebles 1905). Welch's interval of
     * the difference at 95 %: −0.2055 to 3.3655, by the documented example of the t test of a statistics language (recalled, not looked up).
     */
    @Test
    void theIntervalIsThatOfStudentsSleep() {
        List<Double> first = List.of(0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0.0, 2.0);
        List<Double> second = List.of(1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4);
        Gain gain = new BeforeAfter(first, second, Better.MORE, true).gain();
        assertThat(gain.by()).isCloseTo(1.58, within(1e-9));
        assertThat(gain.low()).isCloseTo(-0.2054832, within(1e-6));
        assertThat(gain.high()).isCloseTo(3.3654832, within(1e-6));
        assertThat(gain.verdict()).isEqualTo(Verdict.CHANCE);
        assertThat(gain.enough())
                .as("variances 3.20 and 4.01: t · √(7.21 ÷ n) is 1.61 for 12 and 1.54 for 13")
                .hasValue(13);
        assertThat(gain.eachMinor(10_000)).isEmpty();
    }

    /** 950 to 930 kg on the same scale: 20 kg for 300.00 are 15.00 each. By hand: both spread by 1 with 3 runs each, t of 4 degrees is 2.776 (t table, NIST/SEMATECH 1.3.6.7.2). */
    @Test
    void lessWeightIsAGainAndHasItsPrice() {
        Gain gain =
                new BeforeAfter(List.of(949.0, 950.0, 951.0), List.of(929.0, 930.0, 931.0), Better.LESS, true).gain();
        assertThat(gain.verdict()).isEqualTo(Verdict.BETTER);
        assertThat(gain.low()).isCloseTo(20 - 2.776 * Math.sqrt(2.0 / 3), within(1e-3));
        assertThat(gain.eachMinor(30_000)).hasValue(1_500);
        assertThat(new BeforeAfter(List.of(930.0, 931.0), List.of(950.0, 951.0), Better.LESS, true)
                        .gain()
                        .verdict())
                .isEqualTo(Verdict.WORSE);
    }

    @Test
    void oneRunOrAnotherScaleTellsNothing() {
        assertThat(new BeforeAfter(List.of(50.0), List.of(70.0, 71.0), Better.MORE, true)
                        .gain()
                        .verdict())
                .isEqualTo(Verdict.TOO_FEW);
        Gain other = new BeforeAfter(List.of(50.0, 50.1), List.of(70.0, 70.1), Better.MORE, false).gain();
        assertThat(other.verdict()).isEqualTo(Verdict.NOT_ALIKE);
        assertThat(other.eachMinor(100)).isEmpty();
    }

    @Test
    void whatIsNoFigureIsRefused() {
        for (List<Double> no : List.of(
                List.<Double>of(),
                List.of(Double.NaN),
                List.of(Double.POSITIVE_INFINITY),
                List.of(1e10),
                DoubleStream.generate(() -> 1).limit(51).boxed().toList()))
            assertThatThrownBy(() -> new BeforeAfter(no, List.of(1.0), Better.MORE, true))
                    .isInstanceOf(InvalidValue.class);
    }

    /** What is gained the one way is lost the other way; the same runs on both sides are no gain. */
    @Property(tries = 100)
    void theOtherWayRoundItIsALoss(
            @ForAll @Size(min = 2, max = 8) List<@DoubleRange(min = -100, max = 100) Double> before,
            @ForAll @Size(min = 2, max = 8) List<@DoubleRange(min = -100, max = 100) Double> after) {
        Gain more = new BeforeAfter(before, after, Better.MORE, true).gain();
        Gain less = new BeforeAfter(before, after, Better.LESS, true).gain();
        assertThat(more.by()).isEqualTo(-less.by());
        assertThat(more.low()).isCloseTo(-less.high(), within(1e-6));
        assertThat(more.verdict() == Verdict.BETTER).isEqualTo(less.verdict() == Verdict.WORSE);
        assertThat(more.verdict() == Verdict.BETTER).isEqualTo(more.low() > 0);
        assertThat(new BeforeAfter(before, before, Better.MORE, true).gain().verdict())
                .isEqualTo(Verdict.CHANCE);
    }
}
