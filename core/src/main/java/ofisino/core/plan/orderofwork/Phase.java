package ofisino.core.plan.orderofwork;

import java.util.Map;
import java.util.Optional;

/** The phases of a restoration, in their order: a grouping for the eye, not a wall. Common practice, no source. */
public enum Phase {
    ASSESS_AND_STRIP,
    STRUCTURE,
    MECHANICAL,
    BODY_AND_PAINT,
    REFIT,
    START_AND_TEST,
    ROAD;

    /** Of a piece of work: the one in which most of its work lies, of several the earliest; empty for none. @param minutes by phase */
    public static Optional<Phase> ofMost(Map<Phase, Integer> minutes) {
        return minutes.entrySet().stream()
                .min(Map.Entry.<Phase, Integer>comparingByValue().reversed().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey);
    }
}
