package ofisino.core.plan.access;

import java.util.Collection;
import java.util.List;
import java.util.regex.Pattern;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.InvalidValue;

/**
 * Lifting a vehicle onto stands. Nothing is jacked or stood on what is rotten or cracked: where a finding of class A or B in the structure is
 * open, the points that bear it are named. Common practice, no source; the maker's manual names the points.
 */
public final class Raising {
    private static final int POINTS = 2;
    private static final Pattern POINT = Pattern.compile("\\p{L}{3}");
    private static final Pattern BETWEEN = Pattern.compile("[,;\n]|\\band\\b");

    private Raising() {}

    /** What has the dangers of standing on stands and lies inside nothing that has them. */
    public static boolean isRaising(Access access, Collection<Access> around) {
        return standsOnStands(access) && around.stream().noneMatch(Raising::standsOnStands);
    }

    private static boolean standsOnStands(Access access) {
        return access.cautions().contains(Caution.STANDS);
    }

    /**
     * @param weak   names of places in the structure with an open finding of class A or B
     * @param points where it stands instead, in a person's words
     * @throws InvalidValue when they are not named
     */
    public static void check(List<String> weak, String points) {
        if (weak.isEmpty() || areNamed(points)) return;
        throw InvalidValue.at(
                "supportPoints",
                "strip-down.support",
                "Do not jack it or stand it on: %s.",
                "Name at least two sound points of an axle, subframe or chassis leg that bear it instead, with a comma between them.",
                String.join("; ", weak));
    }

    /** Two at least: nothing stands on one. */
    public static boolean areNamed(String points) {
        return BETWEEN.splitAsStream(points)
                        .filter(p -> POINT.matcher(p).find())
                        .count()
                >= POINTS;
    }
}
