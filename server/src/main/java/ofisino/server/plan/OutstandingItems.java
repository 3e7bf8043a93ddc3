package ofisino.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.outstanding.OutstandingItem;
import ofisino.server.identity.Caller;

/** The door to what is owed to a car. */
public interface OutstandingItems {
    /** How many repairs for the time being have come due. */
    long due(Caller caller, UUID projectId);

    /** What is not settled yet. */
    List<Unsettled> unsettled(Caller caller, UUID projectId);

    /** @param system empty where nobody said which */
    record Unsettled(
            UUID id, OutstandingItem.OutstandingKind kind, String what, Optional<VehicleSystem> system, boolean due) {}

    /** Permanent jobs that wait for a day, by job: what is owed comes before neither the trip nor the date. */
    Map<UUID, LocalDate> notBefore(Caller caller, UUID projectId);
}
