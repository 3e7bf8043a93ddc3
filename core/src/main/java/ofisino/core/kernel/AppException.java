package ofisino.core.kernel;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
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
    private final String sentences;
    private final transient Object[] values;

    AppException(String code, Map<String, Object> facts, String sentences, Object... values) {
        super(sentences.formatted(values));
        if (!CODE.matcher(code).matches())
            throw new IllegalArgumentException(
                    "“%s” is no code: letters, digits, points and hyphens only".formatted(code));
        this.code = code;
        this.facts = Map.copyOf(facts);
        this.sentences = sentences;
        this.values = values;
    }

    /** What is wrong, then what to do about it: no refusal leaves a person without the second. */
    static String sentences(String wrong, String wayOut) {
        if (wrong.isBlank() || wayOut.isBlank())
            throw new IllegalArgumentException(
                    "A refusal says what is wrong (%s) and what to do (%s)".formatted(wrong, wayOut));
        return wrong + " " + wayOut;
    }

    /**
     * The message as a reader's language says it.
     *
     * @param ofTheProgram says a text of the program that was put in; what a person typed stays as it is
     */
    public String in(Language language, UnaryOperator<String> ofTheProgram) {
        Object[] said = Arrays.stream(values)
                .map(v -> v instanceof String text ? ofTheProgram.apply(text) : v)
                .toArray();
        return language.say(sentences).formatted(said);
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
