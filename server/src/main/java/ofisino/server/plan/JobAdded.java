package ofisino.server.plan;

import java.util.UUID;
import ofisino.core.plan.access.Departure;
import ofisino.core.plan.job.Conditions;
import ofisino.core.plan.job.ToHand;
import ofisino.server.identity.Caller;

/**
 * A job was added.
 *
 * @param access how it departs from what jobs at its place usually need open
 * @param conditions how it is worked
 * @param toHand what it asks for
 */
public record JobAdded(Caller caller, UUID jobId, Departure access, Conditions conditions, ToHand toHand) {
    public JobAdded(Caller caller, UUID jobId) {
        this(caller, jobId, Departure.NONE, Conditions.USUAL, ToHand.NOTHING);
    }
}
