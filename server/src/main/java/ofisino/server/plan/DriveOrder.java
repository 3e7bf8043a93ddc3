package ofisino.server.plan;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.server.identity.Caller;

/** What jobs that start, move or drive the vehicle wait for. Answered by what knows the gates. */
public interface DriveOrder {
    /** What has to be over before each of them, whatever a person linked. */
    List<OrderOfWork.Binding> before(Caller caller, UUID projectId);

    /** What no sure day can be said of. */
    Unsure unsure(Caller caller, UUID projectId);

    /**
     * @param undated their gate stays shut until somebody plans more work
     * @param unseen  of the others, those whose gate hangs on what nobody has looked at: their day is the earliest possible
     * @param askMore milestones that ask for what nothing planned brings: work that nobody made, checks that nobody answered
     */
    record Unsure(Set<UUID> undated, Set<UUID> unseen, Set<Aim> askMore) {
        public static final Unsure NOTHING = new Unsure(Set.of(), Set.of(), Set.of());
    }

    /** Those whose gate is shut: they are not offered. */
    Set<UUID> notYet(Caller caller, UUID projectId);
}
