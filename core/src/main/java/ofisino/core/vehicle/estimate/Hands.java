package ofisino.core.vehicle.estimate;

import java.util.ArrayList;
import java.util.List;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;

/**
 * Whether a repair asks for a specialist: points for what speaks for one, less what speaks for one's own hands. From {@value #ASKS} points on
 * it is worth a call. Common practice, no source; the person decides and keeps the reason.
 */
public record Hands(int points, List<HandsBecause> why) {
    static final int ASKS = 3;

    /** What speaks for a specialist, or for one's own hands. */
    public enum HandsBecause {
        /** A bench, a press, a boring bar, an alignment rig: nobody has it at home. */
        NEEDS_A_RIG(3),
        /** What people hang their lives on, welded or re-made. */
        LIVES_HANG_ON_IT(2),
        /** A licence or approved parts are asked for in most places. */
        LICENSED_WORK(3),
        /** Once spoiled it cannot be had again. */
        HARD_TO_REPLACE(1),
        /** A good piece to learn on. */
        GOOD_TO_LEARN_ON(-1);

        private final int points;

        HandsBecause(int points) {
            this.points = points;
        }
    }

    public Hands {
        why = List.copyOf(why);
    }

    /** Enough speaks for one. */
    public boolean asksForSpecialist() {
        return points >= ASKS;
    }

    /** Whose hands a repair wants, and why. */
    public static Hands of(FindingKind kind, VehicleSystem system, SafetyClass safety) {
        List<HandsBecause> why = new ArrayList<>();
        boolean inside = kind == FindingKind.WORN || kind == FindingKind.CRACK || kind == FindingKind.SEIZED;
        if (inside && (system == VehicleSystem.ENGINE || system == VehicleSystem.TRANSMISSION))
            why.add(HandsBecause.NEEDS_A_RIG);
        if (system == VehicleSystem.FUEL && kind == FindingKind.RUST_THROUGH) why.add(HandsBecause.NEEDS_A_RIG);
        if (system == VehicleSystem.STRUCTURE && kind == FindingKind.CRACK) why.add(HandsBecause.NEEDS_A_RIG);
        if (system == VehicleSystem.RESTRAINT) why.add(HandsBecause.LICENSED_WORK);
        boolean bearsWeld = system == VehicleSystem.STRUCTURE || system == VehicleSystem.STEERING_AND_SUSPENSION;
        if (safety == SafetyClass.A && bearsWeld) why.add(HandsBecause.LIVES_HANG_ON_IT);
        if (system == VehicleSystem.GLASS_AND_SEALS && kind == FindingKind.CRACK) why.add(HandsBecause.HARD_TO_REPLACE);
        if (safety == SafetyClass.D || kind == FindingKind.CONTAMINATED || kind == FindingKind.SURFACE_RUST)
            why.add(HandsBecause.GOOD_TO_LEARN_ON);
        return new Hands(why.stream().mapToInt(w -> w.points).sum(), why);
    }
}
