package ofisino.server.vehicle;

import java.util.UUID;
import ofisino.core.vehicle.reading.Limit;
import ofisino.server.identity.Caller;

/** The door to what can be measured on a vehicle. */
public interface Measurands {
    /**
     * By the best figure that is known for this vehicle.
     *
     * @throws ofisino.core.kernel.InvalidValue when nothing is known by this name
     */
    Limit limit(Caller caller, UUID projectId, String id);
}
