package ofisino.server.identity;

/** What a person may do in a garage. */
public enum Role {
    /** Everything. */
    OWNER,
    /** Looks, records and works; no money, no settings. */
    HELPER,
    /** Looks. */
    VIEWER
}
