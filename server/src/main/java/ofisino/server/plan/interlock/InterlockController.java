package ofisino.server.plan.interlock;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ofisino.core.plan.interlock.Interlock;
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
@RequestMapping("/api/jobs/{jobId}/interlocks")
record InterlockController(InterlockService service) {
    /** @param near what is to be away or covered: names of places beside and behind hot work */
    record InterlockResponse(
            Interlock interlock,
            List<String> near,
            @Nullable String confirmedBy,
            @Nullable Instant confirmedAt) {
        static InterlockResponse of(InterlockService.Wanted w, List<String> near) {
            return new InterlockResponse(
                    w.interlock(),
                    w.interlock() == Interlock.FUEL_AWAY ? near : List.of(),
                    w.confirmed().map(InterlockMapper.ConfirmedRow::confirmedBy).orElse(null),
                    w.confirmed().map(InterlockMapper.ConfirmedRow::confirmedAt).orElse(null));
        }
    }

    /** @param supportPoints where it stands, where its usual points may not bear it */
    record ConfirmationRequest(
            UUID id, Interlock interlock, @Nullable String supportPoints) {}

    @GetMapping
    List<InterlockResponse> of(Caller caller, @PathVariable UUID jobId) {
        List<String> near = service.near(caller, jobId);
        return service.of(caller, jobId).stream()
                .map(w -> InterlockResponse.of(w, near))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void confirm(Caller caller, @PathVariable UUID jobId, @RequestBody ConfirmationRequest body) {
        service.confirm(
                caller,
                jobId,
                body.id(),
                body.interlock(),
                body.supportPoints() == null ? "" : body.supportPoints().strip());
    }
}
