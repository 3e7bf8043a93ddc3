package ofisino.core.parts.sourcing;

/** A way to get a part. How often it is wrong is a guess to be replaced by a person's own; common practice, no source. */
public enum SupplyKind {
    NEW_ORIGINAL(2),
    NEW_PATTERN(12),
    RECONDITIONED(8),
    USED(20),
    /** From a vehicle that was bought to be used up. */
    DONOR(20),
    /** It lies in the garage. */
    OWN_STOCK(5),
    MADE(10),
    /** It goes back. */
    LENT(10);

    private final int usuallyWrongPercent;

    SupplyKind(int usuallyWrongPercent) {
        this.usuallyWrongPercent = usuallyWrongPercent;
    }

    /** How many in a hundred fail or do not fit. */
    public int usuallyWrongPercent() {
        return usuallyWrongPercent;
    }
}
