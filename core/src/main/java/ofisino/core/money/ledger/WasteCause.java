package ofisino.core.money.ledger;

/** Why money was spent for nothing. It stays in the total: only its cause is known. Common practice, no source. */
public enum WasteCause {
    /** It broke in one's own hands. */
    BROKEN_BY_ME,
    IN_TRANSIT,
    WRONG_ORDER,
    /** Bought on a guess that turned out wrong. */
    WRONG_GUESS,
    /** Bought again because the first did not last. */
    REPEAT,
    /** Dropped, scratched, bent while being moved. */
    HANDLING
}
