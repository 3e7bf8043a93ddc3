package ofisino.core.vehicle.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Conversion factors as NIST Special Publication 811 (2008), appendix B, prints them, rounded as there; recalled. */
class UnitTest {
    @ParameterizedTest
    @CsvSource({
        "1, INCH, MILLIMETRE, 25.4, 0",
        "1, PSI, KILOPASCAL, 6.894757, 1e-6",
        "1, KILOGRAM_FORCE_PER_SQUARE_CENTIMETRE, KILOPASCAL, 98.0665, 1e-9",
        "1, INCH_OF_MERCURY, KILOPASCAL, 3.386389, 1e-6",
        "1, MILLIMETRE_OF_MERCURY, KILOPASCAL, 0.1333224, 1e-7",
        // the standard atmosphere
        "760, MILLIMETRE_OF_MERCURY, KILOPASCAL, 101.325, 1e-4",
        "1.01325, BAR, INCH_OF_MERCURY, 29.9213, 1e-4",
        "1, POUND_FOOT, NEWTON_METRE, 1.355818, 1e-6",
        "100, NEWTON_METRE, POUND_FOOT, 73.75621, 1e-5",
        "2, KILOOHM, OHM, 2000, 1e-9",
        "0.5, LITRE, MILLILITRE, 500, 1e-9",
        "32, FAHRENHEIT, CELSIUS, 0, 1e-9",
        "1, MILE_PER_HOUR, KILOMETRE_PER_HOUR, 1.609344, 1e-9",
        "1, MILE, KILOMETRE, 1.609344, 1e-9",
        "1, GALLON, LITRE, 3.785411784, 1e-9"
    })
    void convertsAsPrinted(double value, Unit from, Unit to, double expected, double off) {
        assertThat(from.convert(value, to)).isCloseTo(expected, within(Math.max(off, 1e-12)));
        assertThat(to.convert(from.convert(value, to), from)).isCloseTo(value, within(1e-9));
    }

    /** Numbers without a dimension must not be taken for one another. */
    @Test
    void whatHasNoDimensionIsAlikeToItselfAlone() {
        for (Unit u : Set.of(Unit.PERCENT, Unit.COUNT, Unit.YEAR, Unit.KELVIN, Unit.SPECIFIC_GRAVITY, Unit.DEGREE))
            assertThat(u.alike()).isEqualTo(List.of(u));
        assertThat(Unit.SECOND.alike()).isEqualTo(List.of(Unit.SECOND));
        assertThat(Unit.REVOLUTION_PER_MINUTE.alike()).isEqualTo(List.of(Unit.REVOLUTION_PER_MINUTE));
    }

    /** Pages convert by these two numbers. */
    @Test
    void aUnitIsAStraightLineOfItsBase() {
        for (Unit u : Unit.values())
            assertThat(u.zero() + 37.5 * u.factor()).as("%s", u).isCloseTo(u.convert(37.5, u.base()), within(1e-6));
        assertThat(Unit.INCH.base()).isEqualTo(Unit.MILLIMETRE);
        assertThat(Unit.INCH.factor()).isCloseTo(25.4, within(1e-12));
        assertThat(Unit.FAHRENHEIT.base()).isEqualTo(Unit.CELSIUS);
        assertThat(Unit.FAHRENHEIT.zero()).isCloseTo(-17.7778, within(1e-4));
    }

    @Test
    void noInstrumentShowsMiles() {
        assertThat(Unit.MILLIMETRE.alike()).doesNotContain(Unit.MILE, Unit.KILOMETRE);
        assertThat(Unit.LITRE.alike()).doesNotContain(Unit.GALLON);
    }
}
