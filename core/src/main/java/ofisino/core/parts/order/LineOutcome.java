package ofisino.core.parts.order;

/** What came of what was ordered. */
public enum LineOutcome {
    RIGHT,
    /** Not what was ordered, or it does not fit. */
    WRONG,
    DAMAGED,
    /** It never came: the order was called off. */
    CANCELLED;

    /** It came, and was of no use. */
    public boolean isFailed() {
        return this == WRONG || this == DAMAGED;
    }
}
