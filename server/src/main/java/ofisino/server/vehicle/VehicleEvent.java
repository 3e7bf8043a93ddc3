package ofisino.server.vehicle;

import java.util.UUID;
import ofisino.server.identity.Caller;

/** Something became known that happened to the vehicle: what was found before is weighed again. */
public record VehicleEvent(Caller caller, UUID projectId) {}
