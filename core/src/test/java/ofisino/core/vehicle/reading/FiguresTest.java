package ofisino.core.vehicle.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import ofisino.core.kernel.Source;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Make;
import ofisino.core.vehicle.equipment.Vehicles;
import ofisino.core.vehicle.reading.Verdict.JudgedBecause;
import ofisino.core.vehicle.reading.Verdict.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Limits by age, kind and equipment. Each figure's published source stands beside it in the data, recalled and not compared: unverified. */
class FiguresTest {
    private static final Limits LIMITS = Limits.load();
    /** Far less than any instrument shows. */
    private static final double HAIR = 1e-4;

    private static Limit of(String id, BodyStyle body, int year, String... facts) {
        return LIMITS.require(id, Vehicles.of(body, year, facts));
    }

    private static Verdict judge(double value, Limit limit) {
        return Judge.judge(new Reading(value, limit.unit(), Optional.empty()), limit);
    }

    /**
     * By hand, written before the data. MOT inspection manuals (tread, linings, play of a rack, fall of the dipped beam), 49 CFR 570 (play of a box),
     * Directive 2014/45/EU Annex I (carbon monoxide, lambda, efficiency, parking brake), battery trade tables; the rest is common practice.
     */
    @ParameterizedTest
    @CsvSource({
        "tread-depth, SALOON, 1998, , 1.6, ",
        "tread-depth, MOTORCYCLE, 1998, , 1.0, ",
        "lining-thickness, ESTATE, 1969, , 1.5, ",
        "lining-thickness, MOTORCYCLE, 1977, , 1.0, ",
        "steering-lash, SALOON, 1998, steering:rack, , 13",
        "steering-lash, SALOON, 1966, steering:box, , 50.8",
        "carbon-monoxide, SALOON, 1985, catalyst:none, , 4.5",
        "carbon-monoxide, SALOON, 1986, catalyst:none, , 3.5",
        "carbon-monoxide, SALOON, 1998, catalyst:controlled, , 0.5",
        "carbon-monoxide, SALOON, 2003, catalyst:controlled, , 0.3",
        "carbon-monoxide, MOTORCYCLE, 1995, catalyst:none, , 4.5",
        "lambda, SALOON, 1998, , 0.97, 1.03",
        "battery-rest, SALOON, 1955, voltage:v6, 6.12, ",
        "battery-rest, SALOON, 1955, voltage:v12, 12.24, ",
        "battery-rest, VAN, 1980, voltage:v24, 24.48, ",
        "battery-cranking, MOTORCYCLE, 1965, voltage:v6, 4.8, ",
        "charging, SALOON, 1955, voltage:v6, 6.9, 7.5",
        "charging, SALOON, 1985, voltage:v12 charging:alternator, 13.8, 14.8",
        "charging, SALOON, 2008, voltage:v12 charging:smart, 12.2, 15.2",
        "charging, VAN, 1985, voltage:v24, 27.0, 29.6",
        "brake-efficiency, SALOON, 2011, , 50, ",
        "brake-efficiency, SALOON, 2012, , 58, ",
        "brake-efficiency, MOTORCYCLE, 2012, , 42, ",
        "parking-brake, SALOON, 1969, , 16, ",
        "coating-thickness, SALOON, 1969, , , 500",
    })
    void theFigureIsThatOfTheVehicle(String id, BodyStyle body, int year, String seen, Double least, Double most) {
        Limit limit = of(id, body, year, seen == null ? new String[0] : seen.split(" "));
        assertThat(limit.otherwise()).as("nothing is left to ask").isEmpty();
        assertThat(limit.min().isPresent() ? limit.min().getAsDouble() : null).isEqualTo(least);
        assertThat(limit.max().isPresent() ? limit.max().getAsDouble() : null).isEqualTo(most);
        assertThat(limit.source().verified()).isFalse();
    }

    /** Every bound of every vehicle, both sides of it and on it: what a standard forbids as "less than" passes at equality. */
    @Test
    void eachBoundIsInclusive() {
        List<String> checked = new ArrayList<>();
        for (Make make : Vehicles.makes(1955, 1985, 1998, 2012)) {
            for (Limit limit : LIMITS.of(Vehicles.of(make))) {
                if (limit.maker() || !limit.otherwise().isEmpty()) continue;
                limit.min().ifPresent(bound -> {
                    assertThat(judge(bound, limit).outcome()).as(limit.id()).isNotEqualTo(Outcome.OUTSIDE);
                    if (bound - HAIR >= limit.lowest()) {
                        assertThat(judge(bound - HAIR, limit).outcome())
                                .as(limit.id())
                                .isEqualTo(Outcome.OUTSIDE);
                        assertThat(judge(bound - HAIR, limit).margin()).isCloseTo(-HAIR, within(1e-9));
                    }
                    checked.add(limit.id());
                });
                limit.max().ifPresent(bound -> {
                    assertThat(judge(bound, limit).outcome()).as(limit.id()).isNotEqualTo(Outcome.OUTSIDE);
                    assertThat(judge(bound + HAIR, limit).outcome())
                            .as(limit.id())
                            .isEqualTo(Outcome.OUTSIDE);
                    checked.add(limit.id());
                });
            }
        }
        assertThat(checked.stream().distinct()).hasSizeGreaterThan(30);
    }

    /** A healthy battery of 6 V and a dead one of 12 V read alike: while nobody has seen which it is, neither is said. */
    @Test
    void whileNobodyKnowsWhatItHasOnlyWhatHoldsEitherWayIsJudged() {
        Limit unknown = of("battery-rest", BodyStyle.SALOON, 1955);
        assertThat(unknown.asks()).containsExactly("voltage");
        assertThat(judge(6.35, unknown).outcome()).isEqualTo(Outcome.NOT_JUDGED);
        assertThat(judge(6.35, unknown).why()).isEqualTo(JudgedBecause.WHAT_IT_HAS);
        assertThat(judge(5.2, unknown).outcome()).isEqualTo(Outcome.OUTSIDE);
        assertThat(judge(12.9, unknown).outcome()).isEqualTo(Outcome.WITHIN);
        assertThat(judge(11.4, unknown).outcome())
                .as("no battery of 6 V shows 11.4 V")
                .isEqualTo(Outcome.OUTSIDE);
        assertThat(unknown.canBeRead(11.4)).isTrue();
        assertThat(unknown.canBeRead(40)).isFalse();
        Limit said = of("battery-rest", BodyStyle.SALOON, 1955, "voltage:v6 said");
        assertThat(judge(6.35, said).outcome()).as("a saying rules nothing out").isEqualTo(Outcome.NOT_JUDGED);
        Limit gas = of("carbon-monoxide", BodyStyle.SALOON, 1988);
        assertThat(judge(3.0, gas).outcome()).as("3 % may be a dead converter").isEqualTo(Outcome.NOT_JUDGED);
        assertThat(judge(4.2, gas).outcome()).isEqualTo(Outcome.OUTSIDE);
        assertThat(judge(0.2, gas).mayClear()).as("recalled").isFalse();
        Limit rack = of("steering-lash", BodyStyle.SALOON, 1966);
        assertThat(judge(25, rack).outcome()).isEqualTo(Outcome.NOT_JUDGED);
        assertThat(judge(60, rack).outcome()).isEqualTo(Outcome.OUTSIDE);
    }

    /** A vehicle that none of the figures is for has none: its maker's own decides. */
    @Test
    void withoutAFigureOnlyTheMakersOwnDecides() {
        assertThat(judge(10, of("steering-lash", BodyStyle.MOTORCYCLE, 1977)).why())
                .isEqualTo(JudgedBecause.MAKERS_FIGURE_MISSING);
    }

    /** Whatever it may have, what holds for all figures that may fit is what is said of each of them. */
    @Test
    void whatIsJudgedHoldsWhicheverItIs() {
        for (Make make : Vehicles.makes(1955, 1985, 2003)) {
            Equipment vehicle = Vehicles.of(make);
            for (Limit limit : LIMITS.of(vehicle))
                for (double value = 0; value <= 60 && !limit.maker(); value += 0.5) {
                    Verdict verdict = judge(value, limit);
                    if (verdict.outcome() == Outcome.NOT_JUDGED) continue;
                    for (Limit other : limit.otherwise())
                        if (judge(value, other).why() != JudgedBecause.ASK_AGAIN)
                            assertThat(judge(value, other).raises()).isEqualTo(verdict.raises());
                }
        }
    }

    private static OwnFigure figure(SourceKind kind, double least, boolean compared) {
        return new OwnFigure(
                kind, OptionalDouble.of(least), OptionalDouble.empty(), new Source(kind.name(), "", "", compared));
    }

    /** Ranked by hand. One that nobody compared never makes milder what somebody did, where safety hangs on it. */
    @Test
    void ofSeveralSourcesTheBestDecides() {
        Limit general = of("lining-thickness", BodyStyle.ESTATE, 1969);
        assertThat(general.by(List.of()).min()).hasValue(1.5);
        assertThat(general.by(List.of(
                                figure(SourceKind.COMPONENT, 3, true),
                                figure(SourceKind.PUBLIC, 5, true),
                                figure(SourceKind.VEHICLE, 2, true)))
                        .min())
                .as("the maker of the part, whatever the order")
                .hasValue(3);
        assertThat(general.by(List.of(figure(SourceKind.VEHICLE, 2, true), figure(SourceKind.COMPONENT, 1, false)))
                        .min())
                .as("not compared: no milder than the manual")
                .hasValue(2);
        assertThat(general.by(List.of(figure(SourceKind.VEHICLE, 2, true), figure(SourceKind.COMPONENT, 4, false)))
                        .min())
                .as("not compared: stricter it may be")
                .hasValue(4);
        assertThat(general.by(List.of(figure(SourceKind.VEHICLE, 1, false))).min())
                .as("no milder than the general one")
                .hasValue(1.5);
        assertThatThrownBy(() -> new OwnFigure(
                        SourceKind.VEHICLE, OptionalDouble.empty(), OptionalDouble.empty(), general.source()))
                .hasMessageContaining("least or the most");
    }

    /** The instrument is held against the value, in series too. */
    @Test
    void theInstrumentIsHeldAgainstTheValue() {
        Limit belts = of("compression-ratio-lowest", BodyStyle.SALOON, 1969);
        var fine = new Reading.Instrument("gauge", Unit.BAR, 0, 20, 0.1);
        var coarse = new Reading.Instrument("garage gauge", Unit.BAR, 0, 20, 1);
        var small = new Reading.Instrument("small gauge", Unit.BAR, 0, 8, 0.1);
        assertThat(series(belts, fine, 10, 9).verdict().outcome()).isEqualTo(Outcome.WITHIN);
        assertThat(series(belts, coarse, 10, 9).verdict().why()).isEqualTo(JudgedBecause.INSTRUMENT_RESOLUTION);
        assertThat(series(belts, small, 10, 9).verdict().why()).isEqualTo(JudgedBecause.INSTRUMENT_RANGE);
        Limit rest = of("battery-rest", BodyStyle.SALOON, 1985, "voltage:v12");
        var toy = new Reading.Instrument("toy", Unit.VOLT, 0, 12.4, 0.01);
        assertThat(Judge.judge(new Reading(12.6, Unit.VOLT, Optional.of(toy)), rest)
                        .why())
                .isEqualTo(JudgedBecause.INSTRUMENT_RANGE);
    }

    private static Series.Judged series(Limit limit, Reading.Instrument instrument, double... values) {
        List<Reading> readings = new ArrayList<>();
        for (double v : values) readings.add(new Reading(v, instrument.unit(), Optional.of(instrument)));
        return Series.judge(readings, limit).orElseThrow();
    }
}
