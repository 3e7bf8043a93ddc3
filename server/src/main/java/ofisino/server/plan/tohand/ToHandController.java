package ofisino.server.plan.tohand;

import java.util.UUID;
import ofisino.core.plan.job.ToHand;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/jobs/{jobId}/to-hand")
record ToHandController(ToHandService service) {
    @GetMapping
    ToHand of(Caller caller, @PathVariable UUID jobId) {
        return service.of(caller, jobId);
    }

    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(Caller caller, @PathVariable UUID jobId, @RequestBody ToHand body) {
        service.put(caller, jobId, body);
    }
}
