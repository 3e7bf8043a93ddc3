package ofisino.core.vehicle.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import ofisino.core.kernel.Source;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.reading.Verdict.JudgedBecause;
import ofisino.core.vehicle.reading.Verdict.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a person adds to measure, by how much it is to be reworked, and pairs that are compared by themselves. */
class OwnMeasurandTest {
    private static final OwnMeasurand RING_GAP = new OwnMeasurand(
            UUID.fromString("4fbe8e5c-7d0e-4b4b-9a0e-1d2f3a4b5c6d"),
            "Ring gap",
            Unit.MILLIMETRE,
            VehicleSystem.ENGINE,
            SafetyClass.C,
            true);

    @Test
    void withoutAFigureItIsNotJudged() {
        Verdict verdict = Judge.judge(reading(0.3), RING_GAP.limit(Optional.empty()));
        assertThat(verdict.outcome()).isEqualTo(Outcome.NOT_JUDGED);
        assertThat(verdict.why()).isEqualTo(JudgedBecause.MAKERS_FIGURE_MISSING);
    }

    /** A bore of 86 mm, 0.004 of it by the ring maker's book: 0.344 mm, up to 0.5. Both sides of each bound, and the bound itself. */
    @ParameterizedTest
    @CsvSource({"0.343, OUTSIDE, 0.001, 0.157", "0.344, WITHIN, ,", "0.5, WITHIN, ,", "0.51, OUTSIDE, -0.01, -0.166"})
    void byTheRingMakersBook(double gap, Outcome outcome, Double least, Double most) {
        Series.Judged judged =
                Series.judge(List.of(reading(gap)), byTheBook(true)).orElseThrow();
        assertThat(judged.verdict().outcome()).isEqualTo(outcome);
        assertThat(judged.rework().isPresent()).isEqualTo(least != null);
        judged.rework().ifPresent(r -> {
            assertThat(r.least()).isCloseTo(least, within(1e-9));
            assertThat(r.most().orElseThrow()).isCloseTo(most, within(1e-9));
        });
    }

    @Test
    void whatCannotBeSetIsNotReworked() {
        OwnMeasurand run = new OwnMeasurand(
                UUID.randomUUID(), "Run-out", Unit.MILLIMETRE, VehicleSystem.BRAKES, SafetyClass.B, false);
        Limit limit = run.limit(Optional.empty())
                .by(List.of(
                        new OwnFigure(SourceKind.VEHICLE, OptionalDouble.empty(), OptionalDouble.of(0.1), book(true))));
        Series.Judged judged = Series.judge(List.of(reading(0.2)), limit).orElseThrow();
        assertThat(judged.verdict().raises()).isTrue();
        assertThat(judged.rework()).isEmpty();
    }

    /** A window of 0.156 mm wants an instrument that shows 0.0156: a feeler gauge in steps of 0.05 decides nothing. */
    @ParameterizedTest
    @CsvSource({"0.01, WITHIN", "0.05, NOT_JUDGED"})
    void theInstrumentIsHeldAgainstTheWindow(double step, Outcome outcome) {
        Reading read = new Reading(
                0.4, Unit.MILLIMETRE, Optional.of(new Reading.Instrument("gauge", Unit.MILLIMETRE, 0, 1, step)));
        assertThat(Judge.judge(read, byTheBook(true)).outcome()).isEqualTo(outcome);
    }

    /** Nobody held the figure against its book: it raises a finding, and clears none. */
    @Test
    void anUnverifiedFigureClearsNothing() {
        assertThat(Judge.judge(reading(0.4), byTheBook(true)).mayClear()).isTrue();
        assertThat(Judge.judge(reading(0.4), byTheBook(false)).mayClear()).isFalse();
        assertThat(Judge.judge(reading(0.2), byTheBook(false)).raises()).isTrue();
    }

    /** Twelve pitches of 12.7 mm are 152.4 when new; 2 % more is 155.448. Pitch by ISO 606, from memory. */
    @ParameterizedTest
    @CsvSource({"152.4, 12, 12.7, 0", "155.448, 12, 12.7, 2", "320.7, 20, 15.875, 1.0079"})
    void aChainStretchesByItsLength(double length, int pitches, double pitch, double percent) {
        assertThat(new ChainStretch(length, pitches, pitch).percent()).isCloseTo(percent, within(1e-4));
    }

    @Test
    void aChainOfNoPitchIsRefused() {
        assertThatThrownBy(() -> new ChainStretch(150, 3, 12.7)).hasMessageContaining("pitches");
        assertThatThrownBy(() -> new ChainStretch(150, 12, 0)).hasMessageContaining("pitch");
    }

    /** Front 2000 and 1900 N, rear 1200 and 1150: each axle is even, though the rear brakes less than the front. */
    @ParameterizedTest
    @CsvSource({
        "2000, 1900, 1200, 1150, 5, WITHIN, B",
        "2000, 1900, 1200, 600, 50, OUTSIDE, B",
        "2000, 980, 1200, 1150, 51, OUTSIDE, A"
    })
    void eachAxleIsComparedByItself(
            double fl, double fr, double rl, double rr, double value, Outcome outcome, SafetyClass safety) {
        Limit limit = Limits.load().require("brake-imbalance", Vehicles.of(BodyStyle.SALOON, 1974));
        Map<String, Reading> bySpot = new LinkedHashMap<>();
        bySpot.put("front left", newton(fl));
        bySpot.put("front right", newton(fr));
        bySpot.put("Rear left", newton(rl));
        bySpot.put("rear right", newton(rr));
        Series.Judged judged = Series.judge(bySpot, limit).orElseThrow();
        assertThat(judged.value()).isCloseTo(value, within(1e-9));
        assertThat(judged.verdict().outcome()).isEqualTo(outcome);
        assertThat(limit.asGraveAs(judged.value()).ifOutside()).isEqualTo(safety);
    }

    /** What is unknown never passes: one axle says nothing of the other, and a spot that names no axle belongs to none. */
    @Test
    void halfOfTheAxlesIsNoVerdictUnlessItIsBad() {
        Limit limit = Limits.load().require("brake-imbalance", Vehicles.of(BodyStyle.SALOON, 1974));
        Map<String, Reading> front =
                new LinkedHashMap<>(Map.of("front left", newton(2000), "front right", newton(1900)));
        assertThat(Series.judge(front, limit)).isEmpty();
        front.put("rear left", newton(1000));
        assertThat(Series.judge(front, limit)).isEmpty();
        assertThat(Series.judge(Map.of("left", newton(2000), "right", newton(1900)), limit))
                .isEmpty();
        assertThat(Series.judge(Map.of("front left", newton(2000), "front right", newton(900)), limit)
                        .orElseThrow()
                        .verdict()
                        .outcome())
                .isEqualTo(Outcome.OUTSIDE);
    }

    private static Limit byTheBook(boolean verified) {
        OwnFigure figure =
                new OwnFigure(SourceKind.COMPONENT, OptionalDouble.of(0.344), OptionalDouble.of(0.5), book(verified));
        return RING_GAP.limit(Optional.of(figure)).by(List.of(figure));
    }

    private static Source book(boolean verified) {
        return new Source("the ring maker's book", "", "", verified);
    }

    private static Reading reading(double mm) {
        return new Reading(mm, Unit.MILLIMETRE, Optional.empty());
    }

    private static Reading newton(double force) {
        return new Reading(force, Unit.NEWTON, Optional.empty());
    }
}
