package ofisino.core.vehicle.finding;

/** What becomes of work that an owner before did: a poor patch, a hidden cable joint, a radio that was wired in. */
public enum PreviousWork {
    /** It comes off, and more of the kind is to be expected behind it. */
    REMOVE,
    KEEP,
    /** Back to how it left the maker. */
    RESTORE
}
