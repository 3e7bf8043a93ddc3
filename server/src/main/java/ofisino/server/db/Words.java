package ofisino.server.db;

/** What somebody types to find something. */
public final class Words {
    private Words() {}

    /** The words with one blank between them, as they stand before and behind a pattern: a per cent sign that somebody types is one. */
    public static String literally(String typed) {
        return typed.strip().replaceAll("\\s+", " ").replaceAll("([\\\\%_])", "\\\\$1");
    }
}
