package ofisino.server.vehicle;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.VehicleSystem;
import ofisino.server.identity.Caller;

/** The door to what belongs to a vehicle and is not on it. */
public interface Inventory {
    /** Lines of which pieces are missing or lie loose. */
    List<Lacking> lacking(Caller caller, UUID projectId);

    record Lacking(UUID id, String name, VehicleSystem system) {}
}
