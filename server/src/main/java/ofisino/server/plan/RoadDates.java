package ofisino.server.plan;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.risk.Dates;
import ofisino.server.identity.Caller;

/** The door to how sure the dates of a plan are. */
public interface RoadDates {
    /** By when eight in ten runs reach it; begins to work it out behind, and is empty until it is known, or where it is not before the plan's horizon. */
    Optional<Instant> eightInTen(Caller caller, UUID projectId, Plans.Planned planned, Aim milestone);

    /** A plan as it is run through; begun now where nobody has. Empty where not everything has a date. */
    Optional<Runs> runs(Caller caller, UUID projectId, Plans.Planned planned);

    /** @param done of all runs @param dates empty until it is done @param stopped it is not worked out any further */
    record Runs(int done, boolean stopped, Optional<Dates> dates) {}
}
