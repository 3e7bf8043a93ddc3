package ofisino.server.vehicle;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.vehicle.estimate.Estimate;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.Finding;
import ofisino.server.identity.Caller;

/** The door to what the work on a finding usually takes; who knows the recipes says it. */
public interface UsualWork {
    /**
     * By finding, own hours and parts of the work that would be made of it, whether it is decided yet or not; without getting at it and without what it
     * ends in together with others, which count once for all.
     */
    Map<UUID, Estimate> of(Caller caller, Projects.Project project, List<Finding> findings);

    /** The same of each decision on a finding that leads to work. */
    Map<Decision, Estimate> choices(Caller caller, Projects.Project project, Finding finding);
}
