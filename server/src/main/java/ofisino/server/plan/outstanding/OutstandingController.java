package ofisino.server.plan.outstanding;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.outstanding.OutstandingMapper.OutstandingFields;
import ofisino.server.plan.outstanding.OutstandingMapper.OutstandingRow;
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
@RequestMapping("/api")
record OutstandingController(OutstandingService service) {
    record OutstandingResponse(OutstandingRow row, boolean due) {}

    /** @param gas it keeps exhaust gas out of the cabin */
    record NewOutstandingRequest(UUID id, @JsonUnwrapped OutstandingFields said, boolean gas) {}

    record OutstandingStepRequest(long version) {}

    @GetMapping("/projects/{projectId}/outstanding")
    List<OutstandingResponse> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId).stream()
                .map(o -> new OutstandingResponse(o.row(), o.due()))
                .toList();
    }

    @PostMapping("/projects/{projectId}/outstanding")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void owe(Caller caller, @PathVariable UUID projectId, @RequestBody NewOutstandingRequest b) {
        service.owe(caller, projectId, b.id(), b.said(), b.gas());
    }

    @PostMapping("/outstanding/{id}/happened")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void happened(Caller caller, @PathVariable UUID id, @RequestBody OutstandingStepRequest body) {
        service.happened(caller, id, body.version());
    }

    @PostMapping("/outstanding/{id}/settle")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void settle(Caller caller, @PathVariable UUID id, @RequestBody OutstandingStepRequest body) {
        service.settle(caller, id, body.version());
    }
}
