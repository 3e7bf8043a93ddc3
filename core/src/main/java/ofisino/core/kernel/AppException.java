package ofisino.core.kernel;

import java.util.Map;
import java.util.Optional;

/**
 * An expected refusal: the message is a sentence that a person can act on, the code is stable for programs.
 * Anything that is not an {@code AppException} is a defect.
 */
public abstract sealed class AppException extends RuntimeException permits InvalidValue, NotFound, Conflict, Forbidden {
    private final String code;
    private final transient Map<String, Object> facts;

    AppException(String code, String sentence, Map<String, Object> facts) {
        super(sentence);
        this.code = code;
        this.facts = Map.copyOf(facts);
    }

    /** Stable, dotted, lower case: {@code "finding.severity"}. */
    public String code() {
        return code;
    }

    /** What a program may want to show beside the sentence: ids, current values, the field at fault. */
    public Map<String, Object> facts() {
        return facts;
    }

    /** The field at fault, when there is one. */
    public Optional<String> field() {
        return Optional.ofNullable(facts.get("field")).map(Object::toString);
    }
}
