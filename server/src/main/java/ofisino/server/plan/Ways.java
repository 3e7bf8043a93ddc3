package ofisino.server.plan;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** The door to ways in: what is open, what has to be opened, and for which jobs. */
public interface Ways {
    /** Stays that are not closed again. */
    List<Stay> stays(Caller caller, UUID projectId);

    /** @param open somebody opened it already @param inside stays of what it needs */
    record Stay(
            UUID id, String name, int stripMinutes, int refitMinutes, boolean open, Set<UUID> jobs, Set<UUID> inside) {
        public Stay {
            jobs = Set.copyOf(jobs);
            inside = Set.copyOf(inside);
        }
    }
}
