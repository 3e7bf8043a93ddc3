package ofisino.server.vehicle.secondlook;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.secondlook.SecondLookMapper.Compared;
import ofisino.server.vehicle.secondlook.SecondLookMapper.LookRow;
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
record SecondLookController(SecondLookService service) {
    record NewLookRequest(
            UUID id,
            LocalDate lookedOn,
            Compared compared,
            @Nullable String note) {}

    @GetMapping("/projects/{projectId}/second-looks")
    List<LookRow> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    @PostMapping("/findings/{findingId}/second-looks")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void look(Caller caller, @PathVariable UUID findingId, @RequestBody NewLookRequest body) {
        service.look(caller, new LookRow(body.id(), findingId, body.lookedOn(), body.compared(), body.note(), null));
    }
}
