package ofisino.core.kernel;

import java.util.Map;

/** The wish is well-formed but the present state of things does not allow it. */
public final class Conflict extends AppException {
    /** @param code stable, for programs @param sentence says what stands against it and what to do */
    public Conflict(String code, String sentence) {
        super(code, sentence, Map.of());
    }

    /** @param facts what the person needs to decide, for instance the values that are stored now */
    public Conflict(String code, String sentence, Map<String, Object> facts) {
        super(code, sentence, facts);
    }
}
