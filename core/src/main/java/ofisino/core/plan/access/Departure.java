package ofisino.core.plan.access;

import java.util.Set;

/**
 * How work departs from what jobs at its place usually need open: new pads leave the circuit closed, a spring that comes out is its own strip-down.
 *
 * @param opens        accesses that it needs besides; one that the vehicle does not have is not needed
 * @param leavesClosed accesses that it does not need, though others like it do
 */
public record Departure(Set<String> opens, Set<String> leavesClosed) {
    /** As is usual. */
    public static final Departure NONE = new Departure(Set.of(), Set.of());

    public Departure {
        opens = Set.copyOf(opens);
        leavesClosed = Set.copyOf(leavesClosed);
    }
}
