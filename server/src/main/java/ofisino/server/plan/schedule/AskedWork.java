package ofisino.server.plan.schedule;

import java.util.Optional;
import java.util.OptionalInt;
import ofisino.core.plan.job.Conditions;
import ofisino.core.plan.job.JobNature;
import ofisino.core.plan.problem.Activity;
import ofisino.server.identity.Caller;
import ofisino.server.plan.JobConditions.Where;
import ofisino.server.plan.WorkAsks;
import org.springframework.stereotype.Component;

/** What work asks for anywhere in the garage, worked as is usual. */
@Component
record AskedWork(GaragesNow garagesNow, Stating stating) implements WorkAsks {
    @Override
    public Asked of(Caller caller, JobNature nature, OptionalInt lowest) {
        Surroundings around = stating.around(garagesNow.of(caller));
        var needed = around.neededBy(nature, new Where(Conditions.USUAL, null), lowest);
        return new Asked(new Activity.Demand(Optional.empty(), needed, false, false), around.resources());
    }
}
