package ofisino.server.plan;

import java.util.Map;
import java.util.UUID;
import ofisino.core.plan.job.ToHand;
import ofisino.server.identity.Caller;

/** The door to what has to be to hand for jobs. */
public interface ToHands {
    /** By job; for a job that is not named, what lies on the bench is enough. */
    Map<UUID, ToHand> byJob(Caller caller, UUID projectId);
}
