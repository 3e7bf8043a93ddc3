package ofisino.core.kernel;

import java.util.Map;

/** The wish is well-formed but the present state of things does not allow it. */
public final class Conflict extends AppException {
    private Conflict(String code, Map<String, Object> facts, String sentences, Object... values) {
        super(code, facts, sentences, values);
    }

    /**
     * Something stands against it.
     *
     * @param code   stable, for programs
     * @param wrong  the sentence that says what stands against it
     * @param wayOut the sentence that says what to do
     * @param values for the places in both sentences, as {@link String#format} takes them
     */
    public static Conflict of(String code, String wrong, String wayOut, Object... values) {
        return about(Map.of(), code, wrong, wayOut, values);
    }

    /** The same. @param facts what the person needs to decide, for instance the values that are stored now */
    public static Conflict about(
            Map<String, Object> facts, String code, String wrong, String wayOut, Object... values) {
        return new Conflict(code, facts, sentences(wrong, wayOut), values);
    }
}
