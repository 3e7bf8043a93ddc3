package ofisino.core.parts.sourcing;

/** What is done where a part cannot be had new, in the order in which one tries. Common practice, no source. */
public enum WayOut {
    /** Nobody has decided: it is looked for again and again. */
    LOOK_ON,
    USED,
    RECONDITION,
    /** Another maker's. */
    PATTERN,
    /** Something else is fitted in its place. */
    CONVERT,
    /** It is made; a good one is kept as the pattern. */
    MAKE,
    /** The worn original stays: a new one would not match. */
    KEEP_WORN;

    /** Then it is ordered like any other; else there is nothing to order, or not from a list. */
    public boolean isOrdered() {
        return this == PATTERN;
    }
}
