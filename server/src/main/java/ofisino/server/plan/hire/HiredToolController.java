package ofisino.server.plan.hire;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.job.HiredTool;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
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
@Roles(change = Role.OWNER)
@RequestMapping("/api/hired-tools")
record HiredToolController(HiredToolService service) {
    /** @param asked other tools that accesses and the jobs of the garage ask for, by name */
    record HiredToolsResponse(List<HiredTool> hired, List<String> asked) {}

    @GetMapping
    HiredToolsResponse all(Caller caller) {
        return service.all(caller);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(Caller caller, @RequestBody HiredTool body) {
        service.add(caller, body);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID id) {
        service.remove(caller, id);
    }
}
