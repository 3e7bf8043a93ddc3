package ofisino.core.parts.shelf;

/** Where a thing on the shelf came from. */
public enum StockOrigin {
    BOUGHT,
    /** More was in the pack than was needed. */
    LEFT_OVER,
    /** It came off this vehicle. */
    STRIPPED,
    /** It came off another vehicle, or out of a lot. */
    DONOR,
    MADE,
    GIVEN
}
