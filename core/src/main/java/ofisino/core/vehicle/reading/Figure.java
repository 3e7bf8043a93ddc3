package ofisino.core.vehicle.reading;

import java.util.List;
import java.util.OptionalDouble;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.Source;
import ofisino.core.vehicle.equipment.Applies;

/**
 * The bounds that hold for some vehicles, by age, kind and equipment; both are inclusive: what a standard forbids as "less than" passes at equality.
 *
 * @param watch how far inside a bound "watch" begins
 * @param asked lowest and highest value that there is on such a vehicle, where that differs; else empty
 */
record Figure(
        Applies applies, OptionalDouble min, OptionalDouble max, double watch, List<Double> asked, Source source) {
    static final String[] KEYS = {"min", "max", "watch", "asked", "source", "year", "place"};

    static Figure of(Entry e) {
        return new Figure(
                Applies.of(e),
                bound(e, "min"),
                bound(e, "max"),
                e.has("watch") ? e.number("watch") : 0,
                e.numbers("asked"),
                Source.fromMemory(e.text("source"), e.text("year", ""), e.text("place", "")));
    }

    private static OptionalDouble bound(Entry e, String key) {
        return e.has(key) ? OptionalDouble.of(e.number(key)) : OptionalDouble.empty();
    }
}
