package ofisino.server.plan.hire;

import java.util.List;
import java.util.TreeSet;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.NotFound;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.job.HiredTool;
import ofisino.server.identity.Caller;
import ofisino.server.plan.HiredTools;
import ofisino.server.plan.ToHands;
import ofisino.server.plan.hire.HiredToolController.HiredToolsResponse;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** Tools that are hired by the day, one of each name. */
@Service
record HiredToolService(HiredToolMapper mapper, Projects projects, ToHands toHands, AccessLibrary accesses)
        implements HiredTools {
    @Override
    public List<HiredTool> of(Caller caller) {
        return mapper.all(caller.garageId());
    }

    HiredToolsResponse all(Caller caller) {
        var asked = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        accesses.tools().values().forEach(asked::addAll);
        projects.inHand(caller)
                .forEach(p -> toHands.byJob(caller, p.id()).values().forEach(t -> asked.addAll(t.tools())));
        List<HiredTool> hired = of(caller);
        return new HiredToolsResponse(
                hired,
                asked.stream()
                        .filter(t -> hired.stream().noneMatch(h -> h.is(t)))
                        .toList());
    }

    void add(Caller caller, HiredTool tool) {
        if (of(caller).stream().anyMatch(t -> t.is(tool.name())))
            throw Conflict.of(
                    "hired-tool.twice",
                    "“%s” is on the list.",
                    "Take it off the list first if it costs something else now.",
                    tool.name());
        mapper.insert(caller.garageId(), tool);
    }

    void remove(Caller caller, UUID id) {
        if (mapper.delete(caller.garageId(), id) == 0) throw new NotFound("hired tool", id);
    }
}
