package ofisino.core.kernel;

import java.util.Map;

/** A value that no rule of the job allows. The sentence shows the value and says what to enter instead. */
public final class InvalidValue extends AppException {
    /** @param code stable, for programs @param sentence shows the value and says what to enter instead */
    public InvalidValue(String code, String sentence) {
        super(code, sentence, Map.of());
    }

    private InvalidValue(String code, String sentence, Map<String, Object> facts) {
        super(code, sentence, facts);
    }

    /** The same, naming the field of the form or record that is at fault. */
    public static InvalidValue of(String field, String code, String sentence) {
        return new InvalidValue(code, sentence, Map.of("field", field));
    }
}
