package ofisino.server.parts;

import java.util.UUID;
import ofisino.server.identity.Caller;

/** Somebody wants a part for a job; whoever knows the job may refuse it. */
public record NeedWanted(Caller caller, UUID jobId) {}
