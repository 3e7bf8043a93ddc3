package ofisino.core.kernel;

import java.util.regex.Pattern;

/** The one check of a line or a note that a person typed. */
public final class Texts {
    public static final int LINE = 120;
    public static final int NOTE = 4000;

    /** Signs that turn the direction of what follows: a name could show itself as another. They are left out. */
    private static final Pattern UNSEEN = Pattern.compile("[\u202A-\u202E\u2066-\u2069\uFEFF]");

    /** Control characters but for the ends of lines and tabs, and halves of characters. */
    private static final Pattern UNREADABLE = Pattern.compile("[\\p{Cc}&&[^\n\r\t]]|\\p{Cs}");

    private Texts() {}

    /** A line that must say something: trimmed, 1 to 120 characters. */
    public static String line(String field, String text) {
        String trimmed = optionalLine(field, text);
        if (trimmed.isEmpty())
            throw InvalidValue.at(
                    field, codeOf(field) + ".missing", "The %s is missing.", "Enter it and save again.", words(field));
        return trimmed;
    }

    /** A line that was put together out of others: what is beyond 120 characters is left out, and that shows. */
    public static String fitting(String line) {
        if (line.length() <= LINE) return line;
        int end = Character.isHighSurrogate(line.charAt(LINE - 2)) ? LINE - 2 : LINE - 1;
        return line.substring(0, end) + "…";
    }

    /** A note that may be empty: trimmed, at most 4000 characters; nothing given counts as empty. */
    public static String note(String field, String text) {
        return optional(field, text, NOTE);
    }

    /** A line that may be empty: trimmed, at most 120 characters; nothing given counts as empty. */
    public static String optionalLine(String field, String text) {
        return optional(field, text, LINE).replaceAll("\\s+", " ");
    }

    private static String optional(String field, String text, int most) {
        String trimmed = text == null ? "" : UNSEEN.matcher(text).replaceAll("").strip();
        if (UNREADABLE.matcher(trimmed).find())
            throw InvalidValue.at(
                    field,
                    codeOf(field) + ".unreadable",
                    "The %s contains a character that cannot be kept.",
                    "Type it again.",
                    words(field));
        if (trimmed.length() > most)
            throw InvalidValue.at(
                    field,
                    codeOf(field) + ".too-long",
                    "The %s is too long (%d characters).",
                    "Keep it under %d.",
                    words(field),
                    trimmed.length(),
                    most + 1);
        return trimmed;
    }

    private static String codeOf(String field) {
        return field.replace(' ', '-');
    }

    private static String words(String field) {
        return field.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(java.util.Locale.ROOT);
    }
}
