package ofisino.server.roadready;

import java.util.UUID;
import ofisino.core.roadready.gate.Gates;
import ofisino.server.identity.Caller;

/** The door to what stands between a vehicle and each gate. */
public interface RoadGates {
    Gates gates(Caller caller, UUID projectId);
}
