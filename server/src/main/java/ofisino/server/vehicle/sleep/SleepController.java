package ofisino.server.vehicle.sleep;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.sleep.Evidence;
import ofisino.core.vehicle.sleep.Sleep;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.sleep.SleepMapper.EvidenceRow;
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
@RequestMapping("/api/projects/{projectId}/sleep")
record SleepController(SleepService service) {
    record NewEvidenceRequest(
            UUID id,
            Evidence.Kind kind,
            @Nullable LocalDate usedOn,
            @Nullable String note) {}

    record SleepSuspectResponse(String checkId, String place, String why) {}

    /** @param estimate absent while no evidence has a date */
    record SleepResponse(
            List<EvidenceRow> evidence, Sleep.@Nullable Estimate estimate, List<SleepSuspectResponse> suspects) {}

    @GetMapping
    SleepResponse of(Caller caller, @PathVariable UUID projectId) {
        SleepService.Slept slept = service.of(caller, projectId);
        return new SleepResponse(
                slept.evidence(),
                slept.estimate().orElse(null),
                slept.suspects().stream()
                        .map(s -> new SleepSuspectResponse(
                                s.check().check().id(), s.check().place(), s.why()))
                        .toList());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(Caller caller, @PathVariable UUID projectId, @RequestBody NewEvidenceRequest body) {
        service.add(caller, projectId, new EvidenceRow(body.id(), body.kind(), body.usedOn(), body.note()));
    }
}
