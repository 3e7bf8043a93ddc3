package ofisino.core.vehicle.body;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Side;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.HowSeen;

/**
 * A region of the vehicle that can be pressed on its drawing.
 *
 * @param id           stable within the body, stored with every finding: {@code "sill-left"}
 * @param name         in plain words, without the side: {@code "Sill"}
 * @param view         the part of the unrolled drawing it lies on
 * @param outline      an SVG path in the view's own coordinates
 * @param markX        where its marks are put
 * @param flags        what a defect here means beyond what it is
 */
public record Zone(
        String id,
        String name,
        Side side,
        VehicleSystem system,
        String view,
        String outline,
        double markX,
        double markY,
        Set<Flag> flags,
        HowSeen usuallySeen) {
    /** Where a defect lies that belongs to no place of the drawing: what the papers say, what is felt on the road. */
    public static final String WHOLE = "vehicle";

    /** What a defect at a zone means beyond what it is. */
    public enum Flag {
        /** A belt, suspension, steering or jacking mounting is within reach. */
        MOUNTING,
        /** Damage here spoils the driver's view. */
        VIEW,
        /** Lamps by which the driver sees and is seen. */
        LIGHTS,
        /** A known costly hidden trap of this body. */
        TRAP
    }

    /** The vehicle as a whole; its system is that of the check that failed. */
    public static Zone whole(VehicleSystem system) {
        return new Zone(
                WHOLE, "Vehicle as a whole", Side.NONE, system, "", "M0 0", 0, 0, Set.of(), HowSeen.WALKED_ROUND);
    }

    public Zone {
        flags = Set.copyOf(flags);
        name = Texts.line("zone name", name);
        if (!id.matches("[a-z0-9-]+"))
            throw InvalidValue.of("zone.id", "“%s” is no zone id.", "Use small letters, digits and hyphens.", id);
        if (!outline.matches("[MLHVCSQTAZmlhvcsqtaz0-9., -]+"))
            throw InvalidValue.of(
                    "zone.outline",
                    "The outline of zone %s is no SVG path.",
                    "Begin it with M and close it with Z.",
                    id);
    }

    /** The same place for a thing of another system that is found there: a wiper motor in the scuttle. */
    public Zone about(VehicleSystem other) {
        return new Zone(id, name, side, other, view, outline, markX, markY, flags, usuallySeen);
    }

    /** Whether a belt, suspension, steering or jacking mounting is within reach. */
    public boolean nearMounting() {
        return flags.contains(Flag.MOUNTING);
    }

    /** Whether it is a known costly hidden trap of this body. */
    public boolean costlyTrap() {
        return flags.contains(Flag.TRAP);
    }

    /** With its side: {@code "Sill, left"}. */
    public String label() {
        return sided(name);
    }

    /** Something that there is in front and behind, told apart by this place: {@code "Rear tyre"}. */
    public String end(String thing) {
        String end = id.contains("front") ? "Front " : id.contains("rear") ? "Rear " : "";
        return end.isEmpty() ? thing : end + thing.substring(0, 1).toLowerCase(Locale.ROOT) + thing.substring(1);
    }

    /** Something of this place, with its side: {@code "Outer sill, left"}. */
    public String sided(String thing) {
        return thing
                + switch (side) {
                    case LEFT -> ", left";
                    case RIGHT -> ", right";
                    case BOTH, NONE -> "";
                };
    }

    /** The side on which the zone of that id lies. */
    public static Side sideOf(String zone) {
        if (zone.endsWith("-left")) return Side.LEFT;
        return zone.endsWith("-right") ? Side.RIGHT : Side.NONE;
    }

    /** What it is called on either side: {@code "sill"} for {@code "sill-left"}. Checks name places so. */
    public String place() {
        return placeOf(id);
    }

    /** What the zone of that id is called on either side. */
    public static String placeOf(String zone) {
        for (String side : SIDES) if (zone.endsWith(side)) return zone.substring(0, zone.length() - side.length());
        return zone;
    }

    /** Whether both are the same place, one on the left and one on the right. */
    public static boolean areOpposite(String zone, String other) {
        return !zone.equals(other)
                && placeOf(zone).equals(placeOf(other))
                && sideOf(zone) != Side.NONE
                && sideOf(other) != Side.NONE;
    }

    private static final List<String> SIDES = List.of("-left", "-right");

    /** The same zone on the other side, its outline to be drawn mirrored in the given view. */
    Zone mirrored(String mirrorView, double viewWidth) {
        return new Zone(
                id.replace("left", "right"),
                name,
                side == Side.LEFT ? Side.RIGHT : side,
                system,
                mirrorView,
                outline,
                viewWidth - markX,
                markY,
                flags,
                usuallySeen);
    }
}
