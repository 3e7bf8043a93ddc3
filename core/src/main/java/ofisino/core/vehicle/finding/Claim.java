package ofisino.core.vehicle.finding;

/** A judgement that a person made, or that was proposed and nobody has confirmed yet. What was said outlives every later proposal. */
public sealed interface Claim<T> {
    T value();

    record Said<T>(T value) implements Claim<T> {}

    record Proposed<T>(T value) implements Claim<T> {}

    /** @param said null where the person left it open */
    static <T> Claim<T> of(T said, T proposal) {
        return said == null ? new Proposed<>(proposal) : new Said<>(said);
    }

    default boolean isProposed() {
        return this instanceof Proposed;
    }
}
