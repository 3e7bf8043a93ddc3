package ofisino.server.plan;

import java.util.Map;
import java.util.UUID;
import ofisino.core.plan.job.Conditions;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to where and how jobs are worked. */
public interface JobConditions {
    /** By job; a job that is not named is worked as usual. */
    Map<UUID, Where> byJob(Caller caller, UUID projectId);

    /** By job, the degrees Celsius that what it puts on asks for until it has cured, nights too; the highest of them where it puts on several things. */
    Map<UUID, Integer> lowestCelsius(Caller caller, UUID projectId);

    /** @param placeId empty for anywhere */
    record Where(Conditions conditions, @Nullable UUID placeId) {}
}
