package ofisino.core.parts.shelf;

/** How good a thing on the shelf is, the best first. */
public enum Condition {
    NEW,
    GOOD,
    WORN,
    BROKEN,
    /** Nobody has looked at it. */
    UNKNOWN;

    /** It may be fitted, or has to be looked at first. */
    public boolean mayServe() {
        return this != WORN && this != BROKEN;
    }

    /** Both are known, and this one is the better. */
    public boolean isBetterThan(Condition other) {
        return this != UNKNOWN && other != UNKNOWN && compareTo(other) < 0;
    }

    /** What wears is presumed worn when it comes off another vehicle: common practice, no source. @param wears it is a wear part, a seal, rubber */
    public Condition presumed(StockOrigin origin, boolean wears) {
        return this == UNKNOWN && wears && origin == StockOrigin.DONOR ? WORN : this;
    }
}
