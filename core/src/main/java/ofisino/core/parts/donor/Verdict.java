package ofisino.core.parts.donor;

/** What a piece of a donor or a lot is good for. */
public enum Verdict {
    /** The vehicle has none. */
    FILLS_GAP,
    /** Better than the vehicle's own. */
    BETTER,
    SPARE,
    /** Of use to make or match another. */
    PATTERN,
    SCRAP,
    /** Nobody has looked at it. */
    UNKNOWN;

    /** It bears a share of what was paid. */
    public boolean isUseful() {
        return this == FILLS_GAP || this == BETTER || this == SPARE;
    }
}
