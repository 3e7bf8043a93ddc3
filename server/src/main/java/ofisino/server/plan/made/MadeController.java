package ofisino.server.plan.made;

import java.util.List;
import java.util.UUID;
import ofisino.core.plan.job.MadePart;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.plan.made.MadeMapper.MadeRow;
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
@RequestMapping("/api")
record MadeController(MadeService service) {
    record MadeResponse(UUID jobId, MadePart part, long version) {
        static MadeResponse of(MadeRow row) {
            return new MadeResponse(row.jobId(), row.toCore(), row.version());
        }
    }

    /** Whatever is made by hand for this vehicle. */
    @GetMapping("/projects/{projectId}/made")
    List<MadeResponse> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId).stream().map(MadeResponse::of).toList();
    }

    /** @param version 0 where nothing is said yet */
    record MadeRequest(MadePart part, long version) {}

    @PutMapping("/jobs/{jobId}/made")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(Caller caller, @PathVariable UUID jobId, @RequestBody MadeRequest body) {
        service.put(caller, jobId, body.part(), body.version());
    }
}
