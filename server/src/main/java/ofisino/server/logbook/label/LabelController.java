package ofisino.server.logbook.label;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.logbook.label.LabelMapper.LabelKind;
import ofisino.server.logbook.label.LabelMapper.LabelRow;
import ofisino.server.logbook.label.LabelService.Wanted;
import ofisino.server.web.QrCode;
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
@RequestMapping("/api/projects/{projectId}/labels")
record LabelController(LabelService service) {
    /** @param modules the code once more for a camera: rows of dark (1) and light (0) */
    record LabelResponse(UUID id, LabelKind kind, String code, String words, Instant madeAt, List<String> modules) {
        static LabelResponse of(LabelRow l) {
            return new LabelResponse(l.id(), l.kind(), l.code(), l.words(), l.madeAt(), QrCode.modules(l.code()));
        }
    }

    record LabelsRequest(LabelKind kind, List<Wanted> labels) {}

    @GetMapping
    List<LabelResponse> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId).stream().map(LabelResponse::of).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    void make(Caller caller, @PathVariable UUID projectId, @RequestBody LabelsRequest body) {
        service.make(caller, projectId, body.kind(), body.labels());
    }
}
