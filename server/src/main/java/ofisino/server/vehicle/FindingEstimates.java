package ofisino.server.vehicle;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.CostRange;
import ofisino.core.kernel.Effort;
import ofisino.core.vehicle.estimate.Payer;
import ofisino.server.identity.Caller;

/** The door to what mending findings will take. */
public interface FindingEstimates {
    /** Of all findings of the project that are not withdrawn. */
    List<FindingEstimate> of(Caller caller, UUID projectId);

    /**
     * @param cost  empty while nobody said it and the garage's workshop hour is not known either
     * @param payer somebody else who owes it
     */
    record FindingEstimate(UUID findingId, Effort effort, Optional<CostRange> cost, Optional<Payer> payer) {}
}
