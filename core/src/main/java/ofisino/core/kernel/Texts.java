package ofisino.core.kernel;

/** The one check of a line or a note that a person typed. */
public final class Texts {
    public static final int LINE = 120;
    public static final int NOTE = 4000;

    private Texts() {}

    /** A line that must say something: trimmed, 1 to 120 characters. */
    public static String line(String field, String text) {
        String trimmed = optional(field, text, LINE);
        if (trimmed.isEmpty())
            throw InvalidValue.of(
                    field, field + ".missing", "The %s is missing. Enter it and save again.".formatted(words(field)));
        return trimmed;
    }

    /** A note that may be empty: trimmed, at most 4000 characters; nothing given counts as empty. */
    public static String note(String field, String text) {
        return optional(field, text, NOTE);
    }

    private static String optional(String field, String text, int most) {
        String trimmed = text == null ? "" : text.strip();
        if (trimmed.indexOf('\0') >= 0)
            throw InvalidValue.of(
                    field,
                    field + ".unreadable",
                    "The %s contains a character that cannot be kept. Type it again.".formatted(words(field)));
        if (trimmed.length() > most)
            throw InvalidValue.of(
                    field,
                    field + ".too-long",
                    "The %s is too long (%d characters). Keep it under %d."
                            .formatted(words(field), trimmed.length(), most + 1));
        return trimmed;
    }

    private static String words(String field) {
        return field.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(java.util.Locale.ROOT);
    }
}
