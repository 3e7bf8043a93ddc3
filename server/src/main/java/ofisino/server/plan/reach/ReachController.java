package ofisino.server.plan.reach;

import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.reach.ReachMapper.NewReach;
import ofisino.server.plan.reach.ReachMapper.ReachRow;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/jobs/{jobId}/reach")
record ReachController(ReachService service) {
    @GetMapping
    List<ReachRow> of(Caller caller, @PathVariable UUID jobId) {
        return service.of(caller, jobId);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(Caller caller, @PathVariable UUID jobId, @RequestBody NewReach body) {
        service.add(caller, jobId, body);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID jobId, @PathVariable UUID id) {
        service.remove(caller, jobId, id);
    }
}
