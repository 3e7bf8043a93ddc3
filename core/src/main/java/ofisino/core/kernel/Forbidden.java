package ofisino.core.kernel;

import java.util.Map;

/** The person's role in the garage does not allow this. */
public final class Forbidden extends AppException {
    private Forbidden(String code, String sentences, Object... values) {
        super(code, Map.of(), sentences, values);
    }

    /**
     * Somebody may not.
     *
     * @param code   stable, for programs
     * @param wrong  the sentence that says what may not be done
     * @param wayOut the sentence that says who may, or what to do first
     * @param values for the places in both sentences, as {@link String#format} takes them
     */
    public static Forbidden of(String code, String wrong, String wayOut, Object... values) {
        return new Forbidden(code, sentences(wrong, wayOut), values);
    }
}
