package ofisino.server.plan.fallback;

import java.util.UUID;
import ofisino.core.plan.fallback.Fallback;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(change = Role.OWNER)
@RequestMapping("/api/jobs/{jobId}/fallback")
record FallbackController(FallbackService service) {
    /** Nothing (204) where nobody thought of one. */
    @GetMapping
    ResponseEntity<Fallback> find(Caller caller, @PathVariable UUID jobId) {
        return service.find(caller, jobId)
                .map(ResponseEntity::ok)
                .orElse(ResponseEntity.noContent().build());
    }

    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(Caller caller, @PathVariable UUID jobId, @RequestBody Fallback body) {
        service.put(caller, jobId, body);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID jobId) {
        service.remove(caller, jobId);
    }
}
