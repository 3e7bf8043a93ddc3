package ofisino.server.plan;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** What jobs that start, move or drive the vehicle wait for. Answered by what knows the gates. */
public interface DriveOrder {
    /** What has to be over before each of them, whatever a person linked. */
    List<OrderOfWork.Binding> before(Caller caller, UUID projectId);

    /** Those of which no sure day can be said. */
    Unsure unsure(Caller caller, UUID projectId);

    /**
     * @param undated their gate stays shut until somebody plans more work
     * @param unseen  of the others, those whose gate hangs on what nobody has looked at: their day is the earliest possible
     */
    record Unsure(Set<UUID> undated, Set<UUID> unseen) {}

    /** Those whose gate is shut: they are not offered. */
    Set<UUID> notYet(Caller caller, UUID projectId);
}
