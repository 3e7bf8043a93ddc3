package ofisino.core.plan.access;

import java.util.List;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;

/**
 * Lifting a vehicle onto stands. Nothing is jacked or stood on what is rotten or cracked: where a finding of class A or B in the structure is
 * open, the points that bear it are named. Common practice, no source; the maker's manual names the points.
 */
public final class Raising {
    private static final Set<String> RAISES = Set.of("on-stands", "bike-on-stand");
    private static final int SHORTEST = 8;

    private Raising() {}

    public static boolean isRaising(WayIn way) {
        return RAISES.contains(way.id());
    }

    /**
     * @param weak   names of places in the structure with an open finding of class A or B
     * @param points where it stands instead, in a person's words
     * @throws InvalidValue when they are not named
     */
    public static void check(List<String> weak, String points) {
        if (weak.isEmpty() || points.strip().length() >= SHORTEST) return;
        throw InvalidValue.of(
                "supportPoints",
                "opening.support",
                "Do not jack it or stand it on: %s. Name at least two sound points of an axle, subframe or chassis leg that bear it instead."
                        .formatted(String.join(", ", weak)));
    }
}
