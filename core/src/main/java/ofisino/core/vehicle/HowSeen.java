package ofisino.core.vehicle;

/** How well something was seen, from the least to the best. */
public enum HowSeen {
    PHOTO,
    WALKED_ROUND,
    ON_STANDS,
    OPENED
}
