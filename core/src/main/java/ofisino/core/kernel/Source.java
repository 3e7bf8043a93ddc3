package ofisino.core.kernel;

/**
 * Where a rule or a figure comes from.
 *
 * @param work     document, standard or book; {@code "common practice"} where there is none
 * @param year     year of the edition, or empty
 * @param place    article, table or page, or empty
 * @param verified whether someone compared the figure with the document; an unverified figure never clears a safety finding
 */
public record Source(String work, String year, String place, boolean verified) {
    /** What the trade does, and no book is named for it. */
    public static final Source COMMON_PRACTICE = new Source("common practice", "", "", false);

    public Source {
        work = Texts.line("source", work);
    }

    /** A source quoted from memory. */
    public static Source fromMemory(String work, String year, String place) {
        return new Source(work, year, place, false);
    }
}
