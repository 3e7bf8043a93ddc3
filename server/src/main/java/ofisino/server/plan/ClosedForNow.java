package ofisino.server.plan;

import java.util.UUID;
import ofisino.server.identity.Caller;

/**
 * A circuit was closed with its old filling, and something is left to do on it.
 *
 * @param again   the strip-down in which that is done
 * @param access   what was closed, in words
 * @param jobId   the first job that is left
 */
public record ClosedForNow(Caller caller, UUID projectId, UUID again, String access, UUID jobId) {}
