package ofisino.core.vehicle.corrosion;

import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.core.vehicle.finding.SafetyRules;

/**
 * What rust means for driving and how it is mended.
 *
 * <p>A perforation is as grave as {@link SafetyRules} says of that place, and must not be driven within {@value #REACH_MILLIMETRES} mm of a
 * belt, suspension, steering or jacking mounting, whatever its size; there what may have weakened the metal is mended before the road, and
 * rust that has not is watched. The distance is that of public
 * inspection manuals (30 cm around a mounting), from memory, unverified: it may raise a class and never lowers one. The rest is common
 * practice, no source.
 */
public final class CorrosionRules {
    static final int REACH_MILLIMETRES = 300;
    /** Up to about a hand's breadth squared a patch is cut to size; above it a repair panel pays. */
    private static final double PATCH_SQUARE_DECIMETRES = 2;

    private CorrosionRules() {}

    /** What the metal asks for. */
    public enum Repair {
        NOTHING,
        CLEAN_AND_TREAT,
        /** Black, scaled or blistered: nobody knows yet whether metal is left. */
        OPEN_AND_PROBE,
        WELD_A_PATCH,
        WELD_A_PANEL
    }

    /** @param withinReach of a mounting: as measured, or because the drawing says so of the zone */
    public record Judgement(SafetyClass safetyClass, Repair repair, boolean withinReach) {}

    /** What rust at this place means, and what mends it. */
    public static Judgement judge(Zone zone, Corrosion c) {
        boolean near = zone.nearMounting()
                || c.mountingMillimetres().stream().anyMatch(distance -> distance <= REACH_MILLIMETRES);
        return new Judgement(safetyClass(zone, c, near), repair(c), near);
    }

    private static SafetyClass safetyClass(Zone zone, Corrosion c, boolean near) {
        if (c.perforated()) return near ? SafetyClass.A : SafetyRules.classOf(zone, FindingKind.RUST_THROUGH);
        if (near && mayBeThin(c)) return SafetyClass.B;
        boolean watched = near ? c.grade() != RustGrade.RI_0 : c.grade().compareTo(RustGrade.RI_3) >= 0;
        return watched || c.blisters().isPresent() ? SafetyClass.C : SafetyClass.D;
    }

    /** Nobody knows whether metal is left below it. */
    private static boolean mayBeThin(Corrosion c) {
        return c.grade().compareTo(RustGrade.RI_4) >= 0 || c.blisters().isPresent();
    }

    private static Repair repair(Corrosion c) {
        if (c.perforated())
            return c.squareDecimetres() <= PATCH_SQUARE_DECIMETRES ? Repair.WELD_A_PATCH : Repair.WELD_A_PANEL;
        if (mayBeThin(c)) return Repair.OPEN_AND_PROBE;
        return c.grade() == RustGrade.RI_0 ? Repair.NOTHING : Repair.CLEAN_AND_TREAT;
    }
}
