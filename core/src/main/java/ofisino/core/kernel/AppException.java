package ofisino.core.kernel;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * An expected refusal: its message says what is wrong and what to do, its code is stable for programs.
 * Anything that is not an {@code AppException} is a defect.
 */
public abstract sealed class AppException extends RuntimeException permits InvalidValue, NotFound, Conflict, Forbidden {
    /** It stands in an address (a URN), so it has no character that would need to be written otherwise there. */
    private static final Pattern CODE = Pattern.compile("[A-Za-z0-9]+([.-][A-Za-z0-9]+)*");

    private final String code;
    private final transient Map<String, Object> facts;

    AppException(String code, String sentences, Map<String, Object> facts) {
        super(sentences);
        if (!CODE.matcher(code).matches())
            throw new IllegalArgumentException(
                    "“%s” is no code: letters, digits, points and hyphens only".formatted(code));
        this.code = code;
        this.facts = Map.copyOf(facts);
    }

    /** What is wrong, then what to do about it: no refusal leaves a person without the second. */
    static String sentences(String wrong, String wayOut, Object... values) {
        if (wrong.isBlank() || wayOut.isBlank())
            throw new IllegalArgumentException(
                    "A refusal says what is wrong (%s) and what to do (%s)".formatted(wrong, wayOut));
        return (wrong + " " + wayOut).formatted(values);
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
