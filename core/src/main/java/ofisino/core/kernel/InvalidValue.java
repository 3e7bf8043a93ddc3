package ofisino.core.kernel;

import java.util.Map;

/** A value that no rule of the job allows. */
public final class InvalidValue extends AppException {
    private InvalidValue(String code, String sentences, Map<String, Object> facts) {
        super(code, sentences, facts);
    }

    /**
     * A value that cannot be.
     *
     * @param code   stable, for programs
     * @param wrong  the sentence that says what is wrong, with the value where there is one
     * @param wayOut the sentence that says what to enter or do instead
     * @param values for the places in both sentences, as {@link String#format} takes them
     */
    public static InvalidValue of(String code, String wrong, String wayOut, Object... values) {
        return new InvalidValue(code, sentences(wrong, wayOut, values), Map.of());
    }

    /** The same, naming the field of the form or record that is at fault. */
    public static InvalidValue at(String field, String code, String wrong, String wayOut, Object... values) {
        return new InvalidValue(code, sentences(wrong, wayOut, values), Map.of("field", field));
    }
}
