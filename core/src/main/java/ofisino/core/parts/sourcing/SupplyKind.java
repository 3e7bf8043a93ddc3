package ofisino.core.parts.sourcing;

/** A way to get a part. */
public enum SupplyKind {
    NEW_ORIGINAL,
    NEW_PATTERN,
    RECONDITIONED,
    USED,
    /** From a vehicle that was bought to be used up. */
    DONOR,
    /** It lies in the garage. */
    OWN_STOCK,
    MADE,
    /** It goes back. */
    LENT;

    /** Nobody sells it. */
    public boolean isAtHome() {
        return this == OWN_STOCK || this == MADE || this == LENT;
    }
}
