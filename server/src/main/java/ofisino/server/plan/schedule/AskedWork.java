package ofisino.server.plan.schedule;

import java.util.List;
import java.util.Optional;
import ofisino.core.plan.job.Conditions;
import ofisino.core.plan.problem.Activity;
import ofisino.server.identity.Caller;
import ofisino.server.plan.JobConditions.Where;
import ofisino.server.plan.WorkAsks;
import org.springframework.stereotype.Component;

/** What work asks for anywhere in the garage, worked as is usual. */
@Component
record AskedWork(GaragesNow garagesNow, Stating stating) implements WorkAsks {
    private static final Where ANYWHERE = new Where(Conditions.USUAL, null);

    @Override
    public List<Asked> of(Caller caller, List<Work> works) {
        Surroundings around = stating.around(garagesNow.of(caller));
        return works.stream()
                .map(w -> new Activity.Demand(
                        Optional.empty(), around.neededBy(w.nature(), ANYWHERE, w.lowest()), false, false))
                .map(demand -> new Asked(
                        demand,
                        around.resources().stream()
                                .filter(r -> demand.resources().containsKey(r.id()))
                                .toList()))
                .toList();
    }
}
