package ofisino.server.money;

import java.util.UUID;
import ofisino.server.identity.Caller;

/** A vehicle was bought: what its bid rested on is where its money begins. */
public record VehicleBought(Caller caller, UUID projectId) {}
