package ofisino.core.kernel;

import java.util.Map;

/** The person's role in the garage does not allow this. */
public final class Forbidden extends AppException {
    /** @param code stable, for programs @param sentence says who may */
    public Forbidden(String code, String sentence) {
        super(code, sentence, Map.of());
    }
}
