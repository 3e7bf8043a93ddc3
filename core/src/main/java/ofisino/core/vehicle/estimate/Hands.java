package ofisino.core.vehicle.estimate;

import java.util.List;

/** Whose hands a repair wants, and why; the reasons and their weights stand in {@code estimates.yaml}. */
public record Hands(boolean asksForSpecialist, List<HandsBecause> why) {
    /** What speaks for a specialist, or for one's own hands. */
    public enum HandsBecause {
        /** A bench, a press, a boring bar, an alignment rig: nobody has it at home. */
        NEEDS_A_RIG,
        /** What people hang their lives on, welded or re-made. */
        LIVES_HANG_ON_IT,
        /** A licence or approved parts are asked for in most places. */
        LICENSED_WORK,
        /** Once spoiled it cannot be had again. */
        HARD_TO_REPLACE,
        /** A good piece to learn on. */
        GOOD_TO_LEARN_ON
    }

    public Hands {
        why = List.copyOf(why);
    }
}
