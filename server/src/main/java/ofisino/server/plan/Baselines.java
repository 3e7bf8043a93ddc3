package ofisino.server.plan;

import java.util.Optional;
import java.util.UUID;
import ofisino.core.plan.progress.Baseline;
import ofisino.server.identity.Caller;

/** The door to the plan that a project is held against. */
public interface Baselines {
    /** Its jobs by their ids. Empty where none was kept, or one without dates. */
    Optional<Baseline<UUID>> of(Caller caller, UUID projectId);
}
