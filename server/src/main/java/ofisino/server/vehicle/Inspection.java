package ofisino.server.vehicle;

import java.util.UUID;
import ofisino.core.vehicle.check.Unseen;
import ofisino.server.identity.Caller;

/** The door to how much of a vehicle nobody has seen. */
public interface Inspection {
    Unseen unseen(Caller caller, UUID projectId);
}
