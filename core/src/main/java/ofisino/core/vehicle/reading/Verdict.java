package ofisino.core.vehicle.reading;

/**
 * What a reading means.
 *
 * @param margin how far inside (positive) or outside (negative) the deciding bound, in the limit's unit; 0 when not judged
 * @param limit  what decided
 */
public record Verdict(Outcome outcome, JudgedBecause why, double margin, Limit limit) {
    /** How a reading lies against its figures. */
    public enum Outcome {
        WITHIN,
        WATCH,
        OUTSIDE,
        NOT_JUDGED
    }

    /** Why it is judged so. */
    public enum JudgedBecause {
        /** It lies inside, with room. */
        ROOM_TO_SPARE,
        NEAR_THE_BOUND,
        BELOW,
        ABOVE,
        /** No such value exists: ask again before judging. */
        ASK_AGAIN,
        /** The instrument cannot show values near the limit. */
        INSTRUMENT_RANGE,
        /** Its step is too coarse for this limit. */
        INSTRUMENT_RESOLUTION,
        /** Whether it is good depends on what the vehicle has, and nobody has said that. */
        WHAT_IT_HAS,
        /** Only the maker's figure decides, and it is not entered. */
        MAKERS_FIGURE_MISSING
    }

    /** Whether it may clear a finding of class A or B: only a figure that somebody compared with its document does. */
    public boolean mayClear() {
        return outcome == Outcome.WITHIN && limit.source().verified();
    }

    /** Whether it speaks for a finding; a general figure is enough for that. */
    public boolean raises() {
        return outcome == Outcome.OUTSIDE;
    }
}
