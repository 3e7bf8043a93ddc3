package ofisino.core.kernel;

import java.util.Map;

/** A value that no rule of the job allows. */
public final class InvalidValue extends AppException {
    private InvalidValue(String code, Map<String, Object> facts, String sentences, Object... values) {
        super(code, facts, sentences, values);
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
        return new InvalidValue(code, Map.of(), sentences(wrong, wayOut), values);
    }

    /** The same, naming the field of the form or record that is at fault. */
    public static InvalidValue at(String field, String code, String wrong, String wayOut, Object... values) {
        return new InvalidValue(code, Map.of("field", field), sentences(wrong, wayOut), values);
    }
}
