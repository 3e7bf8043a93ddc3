package ofisino.server.vehicle.event;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.Texts;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.event.Event;
import ofisino.core.vehicle.event.Suspicion;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.VehicleChecks;
import ofisino.server.vehicle.VehicleEvent;
import ofisino.server.vehicle.event.EventMapper.EventRow;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Events of a vehicle's life and the checks that they call for. */
@Service
record EventService(
        EventMapper mapper,
        Projects projects,
        VehicleChecks checks,
        Suspicion suspicion,
        ApplicationEventPublisher happened) {
    record Happened(EventRow row, List<Suspicion.Suspect> suspects) {}

    List<Happened> of(Caller caller, UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        List<PlacedCheck> asked = checks.of(caller, project);
        return mapper.of(caller.garageId(), projectId).stream()
                .map(row -> new Happened(row, suspicion.of(row.event(), asked)))
                .toList();
    }

    void record(Caller caller, UUID projectId, UUID id, Event event, String note) {
        projects.requireOpen(caller, projectId);
        if (mapper.of(caller.garageId(), projectId).stream().anyMatch(e -> e.event() == event))
            throw Conflict.of("event.twice", "This is recorded already.", "Its suspects are in the list below.");
        mapper.insert(caller.garageId(), projectId, new EventRow(id, event, Texts.note("note", note)));
        happened.publishEvent(new VehicleEvent(caller, projectId));
    }
}
