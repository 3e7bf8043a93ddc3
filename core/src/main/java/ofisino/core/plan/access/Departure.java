package ofisino.core.plan.access;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How work departs from what jobs at its place usually need open: new pads leave the circuit closed, a spring that comes out is its own strip-down.
 *
 * @param opens        accesses that it needs besides; one that the vehicle does not have is not needed
 * @param leavesClosed accesses that it does not need, though others like it do
 * @param does         accesses that it opens and closes itself: what those need is open for it, they are not beside it
 * @param insteadOfUsual it is reached through the first of these that the vehicle has, none: as it stands, and not as is usual at its place
 */
public record Departure(
        Set<String> opens, Set<String> leavesClosed, Set<String> does, Optional<List<String>> insteadOfUsual) {
    /** As is usual. */
    public static final Departure NONE = new Departure(Set.of(), Set.of(), Set.of(), Optional.empty());

    public Departure {
        opens = Set.copyOf(opens);
        leavesClosed = Set.copyOf(leavesClosed);
        does = Set.copyOf(does);
        insteadOfUsual = insteadOfUsual.map(List::copyOf);
    }

    /** The same, reached through the first of these that the vehicle has and not as is usual at its place. */
    public Departure through(List<String> behind) {
        return new Departure(opens, leavesClosed, does, Optional.of(behind));
    }
}
