package ofisino.core.vehicle.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.util.Optional;
import java.util.OptionalDouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import ofisino.core.Seeds;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Source;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.reading.Reading.Instrument;
import ofisino.core.vehicle.reading.Verdict.JudgedBecause;
import ofisino.core.vehicle.reading.Verdict.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JudgeTest {
    private static final Limits LIMITS = Limits.load();
    private static final Equipment CAR =
            Vehicles.of(BodyStyle.ESTATE, 1969, "voltage:v12", "charging:alternator-separate", "steering:box");

    /**
     * Each limit with its bound and both sides of it. Sources stand in limits.yaml; all recalled, not compared with the document.
     * The tread of 2/32 inch is 1.5875 mm: it passes 49 CFR 570.9(a) and fails the directive's 1.6 mm.
     */
    @ParameterizedTest
    @CsvSource({
        "tread-depth, 1.59, MILLIMETRE, OUTSIDE, BELOW",
        "tread-depth, 1.6, MILLIMETRE, WATCH, NEAR_THE_BOUND",
        "tread-depth, 2.99, MILLIMETRE, WATCH, NEAR_THE_BOUND",
        "tread-depth, 3.1, MILLIMETRE, WITHIN, ROOM_TO_SPARE",
        "tread-depth, 0.0625, INCH, OUTSIDE, BELOW",
        "tread-depth, 63, THOU, WATCH, NEAR_THE_BOUND",
        "tread-depth, -1, MILLIMETRE, NOT_JUDGED, ASK_AGAIN",
        "brake-imbalance, 22.2, PERCENT, WATCH, NEAR_THE_BOUND",
        "brake-imbalance, 30, PERCENT, WATCH, NEAR_THE_BOUND",
        "brake-imbalance, 30.1, PERCENT, OUTSIDE, ABOVE",
        "compression-ratio-lowest, 75, PERCENT, WATCH, NEAR_THE_BOUND",
        "compression-ratio-lowest, 72.5, PERCENT, OUTSIDE, BELOW",
        "battery-rest, 12.65, VOLT, WITHIN, ROOM_TO_SPARE",
        "battery-rest, 12650, MILLIVOLT, WITHIN, ROOM_TO_SPARE",
        "battery-rest, 12.06, VOLT, OUTSIDE, BELOW",
        "battery-rest, 400, VOLT, NOT_JUDGED, ASK_AGAIN",
        "charging, 13.7, VOLT, OUTSIDE, BELOW",
        "charging, 14.1, VOLT, WITHIN, ROOM_TO_SPARE",
        "charging, 14.8, VOLT, WATCH, NEAR_THE_BOUND",
        "charging, 14.9, VOLT, OUTSIDE, ABOVE",
        "ground-path, 0.2, VOLT, WATCH, NEAR_THE_BOUND",
        "ground-path, 0.21, VOLT, OUTSIDE, ABOVE",
        "steering-lash, 2, INCH, WATCH, NEAR_THE_BOUND",
        "steering-lash, 2.01, INCH, OUTSIDE, ABOVE",
        "coolant-freezing, -13, FAHRENHEIT, WATCH, NEAR_THE_BOUND",
        "coolant-freezing, -40, FAHRENHEIT, WITHIN, ROOM_TO_SPARE",
        "oil-pressure, 3, BAR, NOT_JUDGED, MAKERS_FIGURE_MISSING",
        "fault-codes, 0, COUNT, WITHIN, ROOM_TO_SPARE",
        "fault-codes, 1, COUNT, OUTSIDE, ABOVE",
        "speedometer-excess, -0.1, KILOMETRE_PER_HOUR, OUTSIDE, BELOW"
    })
    void judges(String limit, double value, Unit unit, Outcome outcome, JudgedBecause why) {
        Verdict verdict = judge(limit, value, unit, null);
        assertThat(verdict).extracting(Verdict::outcome, Verdict::why).containsExactly(outcome, why);
    }

    @Test
    void theMarginIsInTheLimitsOwnUnit() {
        assertThat(judge("tread-depth", 0.0625, Unit.INCH, null).margin()).isCloseTo(1.5875 - 1.6, within(1e-9));
        assertThat(judge("charging", 14.0, Unit.VOLT, null).margin()).isCloseTo(0.2, within(1e-9));
    }

    /** A general figure may raise a finding of class A or B and never clear one. */
    @Test
    void onlyAVerifiedFigureClears() {
        assertThat(LIMITS.all())
                .allSatisfy(l -> assertThat(l.source().verified()).isFalse());
        Verdict fine = judge("tread-depth", 7, Unit.MILLIMETRE, null);
        assertThat(fine.outcome()).isEqualTo(Outcome.WITHIN);
        assertThat(fine.mayClear()).isFalse();
        assertThat(judge("tread-depth", 1, Unit.MILLIMETRE, null).raises()).isTrue();
        Limit stamped = LIMITS.require("disc-thickness")
                .ofTheMaker(
                        OptionalDouble.of(9.5),
                        OptionalDouble.empty(),
                        new Source("stamped on the disc", "", "", true));
        assertThat(Judge.judge(new Reading(9.8, Unit.MILLIMETRE, Optional.empty()), stamped)
                        .mayClear())
                .isTrue();
        assertThat(Judge.judge(new Reading(9.4, Unit.MILLIMETRE, Optional.empty()), stamped)
                        .raises())
                .isTrue();
    }

    /** What nobody compared with its document may be stricter than the general figure where safety hangs on it, never milder. */
    @ParameterizedTest
    @CsvSource({
        "tread-depth, 0.5, , false, 1.6, ",
        "tread-depth, 3, , false, 3, ",
        "tread-depth, , , false, 1.6, ",
        "tread-depth, 0.5, , true, 0.5, ",
        "brake-imbalance, , 80, false, , 30",
        "brake-imbalance, , 20, false, , 20",
        "battery-rest, 11, , false, 11, ",
        "disc-thickness, 9.5, , false, 9.5, "
    })
    void anUncomparedFigureIsNeverMilder(
            String limit, Double itsMin, Double itsMax, boolean compared, Double min, Double max) {
        Limit own = LIMITS.require(limit, CAR)
                .ofTheMaker(bound(itsMin), bound(itsMax), new Source("the manual", "", "", compared));
        assertThat(own.min()).isEqualTo(bound(min));
        assertThat(own.max()).isEqualTo(bound(max));
    }

    private static OptionalDouble bound(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    @Test
    void aPoorInstrumentJudgesNothing() {
        var ruler = new Instrument("ruler", Unit.MILLIMETRE, 0, 300, 1);
        var gauge = new Instrument("depth gauge", Unit.INCH, 0, 1, 0.001);
        var shortGauge = new Instrument("feeler", Unit.MILLIMETRE, 0.05, 1, 0.05);
        assertThat(judge("tread-depth", 5, Unit.MILLIMETRE, ruler).why())
                .isEqualTo(JudgedBecause.INSTRUMENT_RESOLUTION);
        assertThat(judge("tread-depth", 0.2, Unit.INCH, gauge).outcome()).isEqualTo(Outcome.WITHIN);
        assertThat(judge("tread-depth", 0.9, Unit.MILLIMETRE, shortGauge).why())
                .isEqualTo(JudgedBecause.INSTRUMENT_RANGE);
    }

    /** Oracles: 10 bar = 145.03774 psi, 80 °F = 26.667 °C, 60 mph = 96.56064 km/h, 60 thou = 1.524 mm (GNU units and the definitions). */
    @ParameterizedTest
    @CsvSource({
        "10, BAR, PSI, 145.03774",
        "80, FAHRENHEIT, CELSIUS, 26.666667",
        "60, MILE_PER_HOUR, KILOMETRE_PER_HOUR, 96.56064",
        "60, THOU, MILLIMETRE, 1.524",
        "1, INCH, MICROMETRE, 25400",
        "250, KILOPASCAL, BAR, 2.5"
    })
    void convertsAsPublished(double value, Unit from, Unit to, double expected) {
        assertThat(from.convert(value, to)).isCloseTo(expected, within(expected * 1e-6));
    }

    @Property(tries = 300, seed = Seeds.OF_THE_DAY)
    void unitsComeBackAsTheyWent(@ForAll @DoubleRange(min = -1e6, max = 1e6) double value, @ForAll Unit from) {
        assertThat(Unit.values())
                .filteredOn(from::measuresLike)
                .contains(from)
                .allSatisfy(to -> assertThat(to.convert(from.convert(value, to), from))
                        .isCloseTo(value, within(1e-6 * (1 + Math.abs(value)))));
    }

    @Test
    void whatCannotBeComparedIsRefused() {
        assertThatThrownBy(() -> Unit.PSI.convert(30, Unit.VOLT))
                .hasMessageContaining("psi cannot be compared with a limit in volt");
        assertThatThrownBy(() -> Unit.PERCENT.convert(30, Unit.COUNT)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> Unit.CELSIUS.convert(20, Unit.KELVIN)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new Reading(Double.NaN, Unit.VOLT, Optional.empty()))
                .hasMessageContaining("no number");
        assertThatThrownBy(() -> new Instrument("x", Unit.VOLT, 5, 5, 1)).hasMessageContaining("makes no sense");
        assertThatThrownBy(() -> LIMITS.require("luck")).hasMessageContaining("no limit “luck”");
    }

    @Test
    void aSlipAmongTheLimitsIsNamed() {
        String good =
                "id: a, name: A, unit: volt, asked: [0, 9], resolution: 1, system: brakes, outside: B, kind: worn, source: s";
        refused("- {" + good + "}", "both a bound and the maker's");
        refused("- {" + good + ", min: 1, maker: true}", "both a bound and the maker's");
        refused("- {" + good + ", min: 3, max: 2}", "reversed");
        refused("- {" + good.replace("[0, 9]", "[9, 0]") + ", min: 3}", "do not fit");
        refused("- {" + good + ", min: 3}\n- {" + good + ", min: 3}", "twice");
    }

    private static void refused(String yaml, String message) {
        assertThatThrownBy(() -> Limits.read(new StringReader(yaml)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining(message);
    }

    private static Verdict judge(String limit, double value, Unit unit, Instrument instrument) {
        return Judge.judge(new Reading(value, unit, Optional.ofNullable(instrument)), LIMITS.require(limit, CAR));
    }
}
