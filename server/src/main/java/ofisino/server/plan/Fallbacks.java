package ofisino.server.plan;

import java.util.Map;
import java.util.UUID;
import ofisino.core.plan.fallback.Fallback;
import ofisino.server.identity.Caller;

/** The door to what is done instead if a job fails. */
public interface Fallbacks {
    /** By job, of those that are not over. */
    Map<UUID, Fallback> of(Caller caller, UUID projectId);
}
