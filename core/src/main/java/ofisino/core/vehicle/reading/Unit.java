package ofisino.core.vehicle.reading;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import javax.measure.IncommensurableException;
import javax.measure.MetricPrefix;
import ofisino.core.kernel.InvalidValue;
import tech.units.indriya.AbstractUnit;
import tech.units.indriya.unit.Units;

/** Units in which instruments of the trade show what they measure. Conversion is the units library's (JSR-385). */
public enum Unit {
    MILLIMETRE(MetricPrefix.MILLI(Units.METRE)),
    MICROMETRE(MetricPrefix.MICRO(Units.METRE)),
    /** 25.4 mm exactly (international yard and pound agreement, 1959). */
    INCH(Units.METRE.multiply(0.0254)),
    /** A thousandth of an inch. */
    THOU(Units.METRE.multiply(0.0000254)),
    VOLT(Units.VOLT),
    MILLIVOLT(MetricPrefix.MILLI(Units.VOLT)),
    AMPERE(Units.AMPERE),
    MILLIAMPERE(MetricPrefix.MILLI(Units.AMPERE)),
    BAR(Units.PASCAL.multiply(100_000)),
    /** Pound-force per square inch: 0.45359237 kg × 9.80665 m/s² ÷ (0.0254 m)². */
    PSI(Units.PASCAL.multiply(6894.757293168361)),
    KILOPASCAL(MetricPrefix.KILO(Units.PASCAL)),
    /** Kilogram-force per square centimetre, on many old gauges: 9.80665 m/s² × 1 kg ÷ 1 cm². */
    KILOGRAM_FORCE_PER_SQUARE_CENTIMETRE(Units.PASCAL.multiply(98_066.5)),
    /** Of a vacuum gauge, conventional inch of mercury: 13 595.1 kg/m³ × 9.80665 m/s² × 0.0254 m. */
    INCH_OF_MERCURY(Units.PASCAL.multiply(3386.388640341)),
    /** Conventional: 13 595.1 kg/m³ × 9.80665 m/s² × 1 mm. */
    MILLIMETRE_OF_MERCURY(Units.PASCAL.multiply(133.322387415)),
    NEWTON(Units.NEWTON),
    NEWTON_METRE(Units.NEWTON.multiply(Units.METRE)),
    /** 0.45359237 kg × 9.80665 m/s² × 0.3048 m. */
    POUND_FOOT(Units.NEWTON.multiply(Units.METRE).multiply(1.3558179483314004)),
    OHM(Units.OHM),
    KILOOHM(MetricPrefix.KILO(Units.OHM)),
    /** Of an angle: camber, toe, dwell, timing. */
    DEGREE(Units.RADIAN.multiply(Math.PI / 180)),
    REVOLUTION_PER_MINUTE(Units.HERTZ.divide(60)),
    LITRE(Units.LITRE),
    /** A thousandth of a litre; a cubic centimetre. */
    MILLILITRE(MetricPrefix.MILLI(Units.LITRE)),
    GRAM(Units.GRAM),
    SECOND(Units.SECOND),
    /** Density of an electrolyte as a share of that of water. */
    SPECIFIC_GRAVITY(AbstractUnit.ONE),
    CELSIUS(Units.CELSIUS),
    FAHRENHEIT(Units.KELVIN.multiply(5).divide(9).shift(459.67)),
    /** A difference of temperatures. */
    KELVIN(Units.KELVIN),
    KILOMETRE_PER_HOUR(Units.KILOMETRE_PER_HOUR),
    /** 1609.344 m exactly in an hour. */
    MILE_PER_HOUR(Units.METRE_PER_SECOND.multiply(0.44704)),
    KILOMETRE(MetricPrefix.KILO(Units.METRE), false),
    /** 1609.344 m exactly (international yard and pound agreement, 1959). */
    MILE(Units.METRE.multiply(1609.344), false),
    /** Of the United States: 231 cubic inches. */
    GALLON(Units.LITRE.multiply(3.785411784), false),
    PERCENT(Units.PERCENT),
    YEAR(Units.YEAR),
    COUNT(AbstractUnit.ONE);

    private final javax.measure.Unit<?> unit;
    /** Whether an instrument of the trade shows it; else only people say it, of roads and cans. */
    private final boolean onInstruments;

    Unit(javax.measure.Unit<?> unit) {
        this(unit, true);
    }

    Unit(javax.measure.Unit<?> unit, boolean onInstruments) {
        this.unit = unit;
        this.onInstruments = onInstruments;
    }

    /** All units of instruments that measure the same, this one first. */
    public List<Unit> alike() {
        return Arrays.stream(values())
                .filter(u -> u == this || u.onInstruments && measuresLike(u))
                .sorted(Comparator.comparing(u -> u != this))
                .toList();
    }

    /** Whether a value in one can be said in the other. */
    public boolean measuresLike(Unit other) {
        return this == other || (isConvertible(this) && isConvertible(other) && unit.isCompatible(other.unit));
    }

    /**
     * Shares, ages and counts are numbers that must not be taken for one another; and 20 K here is a difference of temperatures, which is
     * not what 20 °C is.
     */
    private static boolean isConvertible(Unit unit) {
        return switch (unit) {
            case PERCENT, COUNT, YEAR, KELVIN, SPECIFIC_GRAVITY, DEGREE -> false;
            default -> true;
        };
    }

    /** @throws InvalidValue when the units measure different things */
    public double convert(double value, Unit to) {
        if (!measuresLike(to))
            throw InvalidValue.at(
                    "unit",
                    "reading.unit",
                    "A value in %s cannot be compared with a limit in %s.",
                    "Choose the unit that the instrument shows.",
                    words(),
                    to.words());
        if (this == to) return value;
        try {
            return unit.getConverterToAny(to.unit).convert(value);
        } catch (IncommensurableException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The unit in which {@link #factor} and {@link #zero} are given: the first that measures the same. */
    public Unit base() {
        return Arrays.stream(values()).filter(this::measuresLike).findFirst().orElseThrow();
    }

    /** How much a step of one is in the {@link #base} unit. */
    public double factor() {
        return convert(1, base()) - convert(0, base());
    }

    /** What 0 is in the {@link #base} unit; other than 0 for a scale of temperature alone. */
    public double zero() {
        return convert(0, base());
    }

    /** Its name in small letters, for messages. */
    public String words() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }
}
