package ofisino.core.parts.shelf;

/** What becomes of a thing on the shelf. */
public enum Fate {
    /** Nobody has decided. */
    UNDECIDED,
    /** It is kept to be used. */
    KEEP,
    /** Something is made or matched after it. */
    PATTERN,
    /** The seller of the new one takes it in part exchange. */
    EXCHANGE,
    SELL,
    SCRAP
}
