package ofisino.server.plan;

import java.util.UUID;
import ofisino.server.identity.Caller;

/** A job that was over is in hand again. */
public record JobTakenUp(Caller caller, UUID jobId) {}
