package ofisino.core.vehicle.equipment;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.Years;
import ofisino.core.vehicle.BodyStyle;

/** Vehicles that something is possible, usual or asked on: each of the three must fit. In data files {@link #KEYS}; what is not said
 * fits all, {@code cars} all but the motorcycle. */
public record Fits(Set<BodyStyle> bodies, Years years, Set<Layout> layouts) {
    /** Stands for all but the motorcycle. */
    private static final String CARS = "cars";

    static final String[] KEYS = {"bodies", "from", "to", "layouts"};

    public Fits {
        bodies = kept(bodies, BodyStyle.class);
        layouts = kept(layouts, Layout.class);
    }

    /** As bits: it is asked thousands of times for each plan. */
    private static <E extends Enum<E>> Set<E> kept(Set<E> some, Class<E> type) {
        EnumSet<E> bits = EnumSet.noneOf(type);
        bits.addAll(some);
        return Collections.unmodifiableSet(bits);
    }

    static Fits of(Entry e) {
        return new Fits(
                choices(e, "bodies", BodyStyle.class, BodyStyle.MOTORCYCLE),
                new Years(e.whole("from", Years.ALL.from()), e.whole("to", Years.ALL.to())),
                choices(e, "layouts", Layout.class, Layout.MOTORCYCLE));
    }

    private static <E extends Enum<E>> Set<E> choices(Entry e, String key, Class<E> type, E motorcycle) {
        if (e.texts(key).equals(List.of(CARS))) return EnumSet.complementOf(EnumSet.of(motorcycle));
        return e.choices(key, type, EnumSet.allOf(type));
    }

    boolean excludes(Fits other) {
        return Collections.disjoint(bodies, other.bodies)
                || Collections.disjoint(layouts, other.layouts)
                || years.to() < other.years.from()
                || other.years.to() < years.from();
    }

    /** Body, year and layout are all within it. */
    public boolean contains(Make m) {
        return bodies.contains(m.body()) && years.contains(m.builtYear()) && layouts.contains(m.layout());
    }
}
