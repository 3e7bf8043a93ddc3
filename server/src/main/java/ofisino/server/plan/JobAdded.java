package ofisino.server.plan;

import java.util.Set;
import java.util.UUID;
import ofisino.server.identity.Caller;

/**
 * A job was added.
 *
 * @param leavesClosed accesses that it does not need, though jobs at its place usually do
 */
public record JobAdded(Caller caller, UUID jobId, Set<String> leavesClosed) {
    public JobAdded(Caller caller, UUID jobId) {
        this(caller, jobId, Set.of());
    }
}
