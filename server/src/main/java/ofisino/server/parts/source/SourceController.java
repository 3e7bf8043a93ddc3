package ofisino.server.parts.source;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.UUID;
import ofisino.core.parts.sourcing.Supply;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.parts.Sources.Holds;
import ofisino.server.parts.Sources.PartSource;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api")
record SourceController(SourceService service) {
    record SourceFields(
            @Nullable UUID supplierId,
            @Nullable String article,
            @JsonUnwrapped Supply said,
            List<Holds> holds) {}

    record NewSourceRequest(UUID id, SourceFields fields) {}

    record SourceChangeRequest(SourceFields fields, long version) {}

    @GetMapping("/projects/{projectId}/sources")
    List<PartSource> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    @PostMapping("/projects/{projectId}/sources")
    @ResponseStatus(HttpStatus.CREATED)
    PartSource add(Caller caller, @PathVariable UUID projectId, @RequestBody NewSourceRequest body) {
        return service.add(caller, projectId, body.id(), body.fields());
    }

    @PutMapping("/sources/{id}")
    PartSource change(Caller caller, @PathVariable UUID id, @RequestBody SourceChangeRequest body) {
        return service.change(caller, id, body.fields(), body.version());
    }

    @DeleteMapping("/sources/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID id) {
        service.remove(caller, id);
    }
}
