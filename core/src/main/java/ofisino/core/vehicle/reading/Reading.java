package ofisino.core.vehicle.reading;

import java.util.Optional;
import ofisino.core.kernel.InvalidValue;

/**
 * A measured value as the instrument shows it.
 *
 * @param instrument empty when nobody noted it; the value then counts as read finely enough
 */
public record Reading(double value, Unit unit, Optional<Instrument> instrument) {
    /** @param from to what it can show, in its own unit; @param resolution its finest step */
    public record Instrument(String name, Unit unit, double from, double to, double resolution) {
        /** Its finest step in another unit, of the same kind. */
        double step(Unit in) {
            return Math.abs(unit.convert(from + resolution, in) - unit.convert(from, in));
        }

        public Instrument {
            if (!(from < to && resolution > 0) || !Double.isFinite(to - from))
                throw InvalidValue.at(
                        "instrument",
                        "instrument.range",
                        "The instrument's range (%s to %s) or step (%s) makes no sense.",
                        "Read them off its case.",
                        from,
                        to,
                        resolution);
        }
    }

    /** Whether the instrument can show this value at all; true where nobody noted it. */
    boolean canBeShown() {
        if (instrument.isEmpty()) return true;
        double shown = unit.convert(value, instrument.get().unit());
        return instrument.get().from() <= shown && shown <= instrument.get().to();
    }

    public Reading {
        if (!Double.isFinite(value))
            throw InvalidValue.at(
                    "value", "reading.number", "“%s” is no number.", "Enter what the instrument shows.", value);
    }
}
