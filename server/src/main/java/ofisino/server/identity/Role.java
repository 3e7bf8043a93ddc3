package ofisino.server.identity;

/** What a person may do in a garage; each may do all that the next one may. */
public enum Role {
    /** Everything. */
    OWNER,
    /** Looks, records and works, and says when; sees no amount of money and changes no settings but the own hours. */
    HELPER,
    /** Looks; sees no amount of money. */
    VIEWER;

    public boolean includes(Role other) {
        return compareTo(other) <= 0;
    }
}
