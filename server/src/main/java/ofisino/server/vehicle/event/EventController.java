package ofisino.server.vehicle.event;

import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.event.Event;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/events")
record EventController(EventService service) {
    /** A check that an event calls for. @param why what the event does there */
    record SuspectResponse(String checkId, String place, String why) {}

    record EventResponse(UUID id, Event event, String note, List<SuspectResponse> suspects) {}

    record NewEventRequest(UUID id, Event event, @Nullable String note) {}

    @GetMapping
    List<EventResponse> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId).stream()
                .map(h -> new EventResponse(
                        h.row().id(),
                        h.row().event(),
                        h.row().note(),
                        h.suspects().stream()
                                .map(s -> new SuspectResponse(
                                        s.check().check().id(), s.check().place(), s.why()))
                                .toList()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void record(Caller caller, @PathVariable UUID projectId, @RequestBody NewEventRequest body) {
        service.record(caller, projectId, body.id(), body.event(), body.note());
    }
}
