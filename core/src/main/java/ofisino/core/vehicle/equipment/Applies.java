package ofisino.core.vehicle.equipment;

import java.util.EnumSet;
import java.util.List;
import java.util.stream.Stream;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.Years;
import ofisino.core.vehicle.BodyStyle;

/**
 * On which vehicles a check, a place, a limit, an access or a condition of work is: body, year and layout fit, and it may have what it is about. In
 * data files these are the keys {@code bodies, from, to, layouts, having}; without them it is on all.
 */
public record Applies(Fits fits, Having having) {
    /** On every vehicle. */
    public static final Applies TO_ALL = new Applies(
            new Fits(EnumSet.allOf(BodyStyle.class), Years.ALL, EnumSet.allOf(Layout.class)), new Having(List.of()));

    private static final EquipmentLibrary LIBRARY = EquipmentLibrary.load();

    /** The keys of an entry that says where it applies, with its own. */
    public static String[] keys(String... own) {
        return Stream.of(Fits.KEYS, new String[] {"having"}, own)
                .flatMap(Stream::of)
                .toArray(String[]::new);
    }

    /** @throws ofisino.core.kernel.InvalidValue when it names equipment that there is none of */
    public static Applies of(Entry e) {
        return new Applies(Fits.of(e), Having.of(e.texts("having"), LIBRARY));
    }

    /** Whether no vehicle has both. */
    public boolean excludes(Applies other) {
        return fits.excludes(other.fits) || having.excludes(other.having);
    }

    /** Only what is said or usual counts as there, and what fires. */
    public boolean usuallyTo(Equipment vehicle) {
        return fits.contains(vehicle.make()) && having.isUsuallyOn(vehicle);
    }

    /** What is said or usual counts, and where nobody knows all that may be. */
    public boolean likelyTo(Equipment vehicle) {
        return fits.contains(vehicle.make()) && having.isLikelyOn(vehicle);
    }

    /** What nobody ruled out counts as there. */
    public boolean to(Equipment vehicle) {
        return fits.contains(vehicle.make()) && having.mayBeOn(vehicle);
    }
}
