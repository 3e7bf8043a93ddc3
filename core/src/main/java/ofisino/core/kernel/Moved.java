package ofisino.core.kernel;

import java.util.List;

/**
 * What became of something by one move.
 *
 * @param now    as it is after the move
 * @param events what the move did, in its order
 */
public record Moved<T, E>(T now, List<E> events) {
    public Moved {
        events = List.copyOf(events);
    }

    /** What a move made of it, and what that did. */
    @SafeVarargs
    public static <T, E> Moved<T, E> to(T now, E... events) {
        return new Moved<>(now, List.of(events));
    }
}
