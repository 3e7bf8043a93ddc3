package ofisino.core.vehicle;

/** How well something was seen, from the least to the best. */
public enum HowSeen {
    PHOTO,
    /** In passing, on a buyer's short look: it settles a bid, and no check. */
    GLANCED,
    WALKED_ROUND,
    ON_STANDS,
    OPENED
}
