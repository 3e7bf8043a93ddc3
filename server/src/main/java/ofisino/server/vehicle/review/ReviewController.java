package ofisino.server.vehicle.review;

import java.util.List;
import java.util.UUID;
import ofisino.server.identity.AtLeast;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Links;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.review.RemarkMapper.RemarkRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The owner's side: links, and what came in by them. */
@RestController
@Roles
@RequestMapping("/api")
record ReviewController(ReviewService service) {
    record NewLinkRequest(UUID id, int days) {}

    /** @param path to put behind the address of this server; it is shown once */
    record NewLinkResponse(String path) {}

    /** @param findingId id of the finding that an accepted remark about a place becomes */
    record RemarkDecisionRequest(
            boolean accept, String reason, @Nullable UUID findingId, long version) {}

    @GetMapping("/projects/{projectId}/links")
    List<Links.Link> links(Caller caller, @PathVariable UUID projectId) {
        return service.links(caller, projectId);
    }

    @AtLeast(Role.OWNER)
    @PostMapping("/projects/{projectId}/links")
    @ResponseStatus(HttpStatus.CREATED)
    NewLinkResponse invite(Caller caller, @PathVariable UUID projectId, @RequestBody NewLinkRequest body) {
        return new NewLinkResponse(service.invite(caller, projectId, body.id(), body.days()));
    }

    @AtLeast(Role.OWNER)
    @PostMapping("/links/{id}/revocation")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(Caller caller, @PathVariable UUID id) {
        service.revoke(caller, id);
    }

    @GetMapping("/projects/{projectId}/remarks")
    List<RemarkRow> remarks(Caller caller, @PathVariable UUID projectId) {
        return service.remarks(caller, projectId);
    }

    @PostMapping("/remarks/{id}/decision")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void decide(Caller caller, @PathVariable UUID id, @RequestBody RemarkDecisionRequest body) {
        service.decide(caller, id, body.accept(), body.reason(), body.findingId(), body.version());
    }
}
