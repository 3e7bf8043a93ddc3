package ofisino.server.plan;

import java.util.UUID;
import ofisino.server.identity.Caller;

/** A job was added. */
public record JobAdded(Caller caller, UUID jobId) {}
