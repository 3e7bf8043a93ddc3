package ofisino.server.plan.outstanding;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.plan.outstanding.OutstandingItem.OutstandingKind;
import ofisino.core.plan.outstanding.OutstandingItem.When;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.outstanding.OutstandingMapper.OutstandingRow;
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
@RequestMapping("/api")
class OutstandingController {
    private final OutstandingService service;

    OutstandingController(OutstandingService service) {
        this.service = service;
    }

    record OutstandingResponse(OutstandingRow row, boolean due) {}

    /** @param kind mended for the time being if not said @param gas it keeps exhaust gas out of the cabin */
    record NewOutstandingRequest(
            UUID id,
            @Nullable String zone,
            @Nullable OutstandingKind kind,
            String what,
            String later,
            When when,
            @Nullable String event,
            @Nullable LocalDate dueOn,
            @Nullable UUID needId,
            @Nullable UUID jobId,
            boolean gas) {}

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
        service.owe(
                caller,
                new OutstandingRow(
                        b.id(),
                        projectId,
                        b.zone(),
                        b.kind() == null ? OutstandingKind.FOR_NOW : b.kind(),
                        b.what(),
                        b.later(),
                        b.when(),
                        b.event(),
                        b.dueOn(),
                        b.needId(),
                        b.jobId(),
                        false,
                        null,
                        null,
                        0),
                b.gas());
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
