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
    NEWTON(Units.NEWTON),
    CELSIUS(Units.CELSIUS),
    FAHRENHEIT(Units.KELVIN.multiply(5).divide(9).shift(459.67)),
    /** A difference of temperatures. */
    KELVIN(Units.KELVIN),
    KILOMETRE_PER_HOUR(Units.KILOMETRE_PER_HOUR),
    /** 1609.344 m exactly in an hour. */
    MILE_PER_HOUR(Units.METRE_PER_SECOND.multiply(0.44704)),
    PERCENT(Units.PERCENT),
    YEAR(Units.YEAR),
    COUNT(AbstractUnit.ONE);

    private final javax.measure.Unit<?> unit;

    Unit(javax.measure.Unit<?> unit) {
        this.unit = unit;
    }

    /** All units that measure the same, this one first. */
    public List<Unit> alike() {
        return Arrays.stream(values())
                .filter(this::measuresLike)
                .sorted(Comparator.comparing(u -> u != this))
                .toList();
    }

    public boolean measuresLike(Unit other) {
        return this == other || (isConvertible(this) && isConvertible(other) && unit.isCompatible(other.unit));
    }

    /**
     * Shares, ages and counts are numbers that must not be taken for one another; and 20 K here is a difference of temperatures, which is
     * not what 20 °C is.
     */
    private static boolean isConvertible(Unit unit) {
        return unit != PERCENT && unit != COUNT && unit != YEAR && unit != KELVIN;
    }

    /** @throws InvalidValue when the units measure different things */
    public double convert(double value, Unit to) {
        if (!measuresLike(to))
            throw InvalidValue.of(
                    "unit",
                    "reading.unit",
                    "A value in %s cannot be compared with a limit in %s. Choose the unit that the instrument shows."
                            .formatted(words(), to.words()));
        if (this == to) return value;
        try {
            return unit.getConverterToAny(to.unit).convert(value);
        } catch (IncommensurableException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    public String words() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }
}
