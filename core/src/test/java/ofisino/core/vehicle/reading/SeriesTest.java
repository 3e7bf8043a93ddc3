package ofisino.core.vehicle.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import ofisino.core.Seeds;
import ofisino.core.vehicle.reading.Series.Judged;
import ofisino.core.vehicle.reading.Verdict.JudgedBecause;
import ofisino.core.vehicle.reading.Verdict.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeriesTest {
    private static final Limits LIMITS = Limits.load();
    private static final LocalDate TODAY = LocalDate.of(2024, 3, 13);

    /** Worked by hand: 8.7 of 11.6 bar is exactly three quarters, the usual rule (common practice, no source). */
    @ParameterizedTest
    @CsvSource({
        "11.6 11.4 11.2 11.5, BAR, 96.55, WITHIN",
        "11.6 8.7 11.2 11.5, BAR, 75, WATCH",
        "11.6 8.6 11.2 11.5, BAR, 74.14, OUTSIDE",
        "168 126, PSI, 75, WATCH"
    })
    void compressionBySpread(String values, Unit unit, double share, Outcome outcome) {
        Judged judged = judge("compression-ratio-lowest", unit, values).orElseThrow();
        assertThat(judged.value()).isCloseTo(share, within(0.01));
        assertThat(judged.verdict().outcome()).isEqualTo(outcome);
    }

    /** Zero compression, or 60 bar, is asked about: no such engine turns. */
    @Test
    void whatCannotBeReadIsAskedAboutAndSpoilsTheWhole() {
        for (String values : List.of("11.6 0", "11.6 60", "11.6 -3"))
            assertThat(judge("compression-ratio-lowest", Unit.BAR, values)
                            .orElseThrow()
                            .verdict())
                    .extracting(Verdict::outcome, Verdict::why)
                    .containsExactly(Outcome.NOT_JUDGED, JudgedBecause.ASK_AGAIN);
    }

    @Test
    void oneReadingIsNoSeries() {
        assertThat(judge("compression-ratio-lowest", Unit.BAR, "11.6")).isEmpty();
        assertThat(judge("diagonal-difference", Unit.MILLIMETRE, "2310")).isEmpty();
    }

    /** 2310 and 2316 mm differ by 6 mm; 90.945 and 91.1 in by 3.94 mm. */
    @Test
    void diagonalsAndHubs() {
        assertThat(judge("diagonal-difference", Unit.MILLIMETRE, "2310 2316")
                        .orElseThrow()
                        .verdict())
                .satisfies(v -> assertThat(v.outcome()).isEqualTo(Outcome.OUTSIDE))
                .satisfies(v -> assertThat(v.margin()).isCloseTo(-1, within(1e-9)));
        assertThat(judge("diagonal-difference", Unit.INCH, "90.945 91.1")
                        .orElseThrow()
                        .value())
                .isCloseTo(3.937, within(0.001));
        assertThat(judge("hub-temperature-difference", Unit.FAHRENHEIT, "104 158")
                        .orElseThrow()
                        .value())
                .isCloseTo(30, within(1e-9));
    }

    @Test
    void theWorstPointOfAPanelDecides() {
        Judged judged =
                judge("coating-thickness", Unit.MICROMETRE, "110 410 640 130").orElseThrow();
        assertThat(judged.value()).isEqualTo(640);
        assertThat(judged.verdict().outcome()).isEqualTo(Outcome.OUTSIDE);
        assertThat(Coating.of(640)).isEqualTo(Coating.FILLER);
        assertThat(List.of(Coating.of(0), Coating.of(60), Coating.of(120), Coating.of(181), Coating.of(300)))
                .containsExactly(Coating.THIN, Coating.THIN, Coating.ORIGINAL, Coating.REPAINTED, Coating.REPAINTED);
    }

    /** Whatever the order of the cylinders and whatever the gauge shows, the share stays the same. */
    @Property(seed = Seeds.OF_THE_DAY)
    void theShareDependsNeitherOnOrderNorOnUnit(
            @ForAll @Size(min = 2, max = 8) List<@DoubleRange(min = 2, max = 15) Double> bars) {
        Limit limit = LIMITS.require("compression-ratio-lowest");
        List<Reading> inBar = bars.stream().map(b -> reading(b, Unit.BAR)).toList();
        List<Reading> inPsi = reversed(bars).stream()
                .map(b -> reading(Unit.BAR.convert(b, Unit.PSI), Unit.PSI))
                .toList();
        assertThat(Series.judge(inPsi, limit).orElseThrow().value())
                .isCloseTo(Series.judge(inBar, limit).orElseThrow().value(), within(1e-6))
                .isBetween(0.0, 100.0 + 1e-9);
    }

    /** 49 CFR 574.5: week 01 is the first full week from Sunday to Saturday; the regulation's way of counting, calendars checked. */
    @ParameterizedTest
    @CsvSource({"0100, 2000-01-02", "5219, 2019-12-29", "5323, 2023-12-31", "1213, 2013-03-24", "2013-05-01, 2013-05-01"
    })
    void dateCodes(String code, LocalDate first) {
        assertThat(DateCode.madeOn(code, TODAY)).isEqualTo(first);
    }

    @ParameterizedTest
    @CsvSource({
        "318, decade",
        "5419, no date code",
        "0019, no date code",
        "tyre, no date code",
        "5223x, no date code",
        "1124, future",
        "2030-01-01, future"
    })
    void codesThatTellNoDateAreAskedAbout(String code, String says) {
        assertThatThrownBy(() -> DateCode.madeOn(code, TODAY)).hasMessageContaining(says);
    }

    private static Optional<Judged> judge(String limit, Unit unit, String values) {
        return Series.judge(
                Arrays.stream(values.split(" "))
                        .map(v -> reading(Double.parseDouble(v), unit))
                        .toList(),
                LIMITS.require(limit));
    }

    private static List<Double> reversed(List<Double> values) {
        List<Double> turned = new ArrayList<>(values);
        Collections.reverse(turned);
        return turned;
    }

    private static Reading reading(double value, Unit unit) {
        return new Reading(value, unit, Optional.empty());
    }
}
