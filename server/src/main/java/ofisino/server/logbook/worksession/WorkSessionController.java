package ofisino.server.logbook.worksession;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.logbook.worksession.WorkSessionMapper.WorkRow;
import ofisino.server.logbook.worksession.WorkSessionMapper.WorkSessionRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
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
@Roles
@RequestMapping("/api")
record WorkSessionController(WorkSessionService service, WorkSessionBegunService begun) {
    record BegunRequest(UUID id, List<UUID> jobs, List<String> accesses) {}

    /** @param work a first answer to how long on which job */
    record BegunResponse(UUID projectId, Instant begunAt, List<WorkFields> work) {}

    /** The evening on which the asking person is in the garage now; nothing (204) while they are not. */
    @GetMapping("/work-session-begun")
    ResponseEntity<BegunResponse> begun(Caller caller) {
        return begun.of(caller)
                .map(g -> ResponseEntity.ok(new BegunResponse(
                        g.row().projectId(),
                        g.row().begunAt(),
                        g.minutes().entrySet().stream()
                                .map(e -> new WorkFields(
                                        e.getKey().jobId(), e.getKey().access(), e.getValue()))
                                .toList())))
                .orElse(ResponseEntity.noContent().build());
    }

    @PostMapping("/projects/{projectId}/work-session-begun")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void begin(Caller caller, @PathVariable UUID projectId, @RequestBody BegunRequest body) {
        begun.begin(caller, projectId, body.id(), body.jobs(), body.accesses());
    }

    /** Leaves without logging anything. */
    @DeleteMapping("/work-session-begun")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(Caller caller) {
        begun.end(caller);
    }

    /** On a job, or on an access that was opened or closed. */
    record WorkFields(@Nullable UUID jobId, @Nullable String access, int minutes) {}

    record WorkSessionFields(
            LocalDate workedOn,
            @Nullable String done,
            @Nullable String learned,
            @Nullable String noteToSelf,
            List<WorkFields> work) {}

    record NewWorkSessionRequest(UUID id, WorkSessionFields fields) {}

    record WorkSessionChangeRequest(WorkSessionFields fields, long version) {}

    record WorkSessionResponse(@JsonUnwrapped WorkSessionRow session, boolean noteDone, List<WorkRow> work) {}

    @GetMapping("/projects/{projectId}/work-sessions")
    List<WorkSessionResponse> list(Caller caller, @PathVariable UUID projectId) {
        List<WorkRow> work = service.work(caller, projectId);
        return service.list(caller, projectId).stream()
                .map(e -> response(e, work))
                .toList();
    }

    @PostMapping("/projects/{projectId}/work-sessions")
    @ResponseStatus(HttpStatus.CREATED)
    WorkSessionResponse add(Caller caller, @PathVariable UUID projectId, @RequestBody NewWorkSessionRequest body) {
        WorkSessionRow added = service.add(caller, projectId, body.id(), body.fields());
        return response(added, service.work(caller, projectId));
    }

    @GetMapping("/work-sessions/{id}")
    WorkSessionResponse find(Caller caller, @PathVariable UUID id) {
        WorkSessionRow workSession = service.find(caller, id);
        return response(workSession, service.work(caller, workSession.projectId()));
    }

    @PutMapping("/work-sessions/{id}")
    WorkSessionResponse change(Caller caller, @PathVariable UUID id, @RequestBody WorkSessionChangeRequest body) {
        WorkSessionRow changed = service.change(caller, id, body.fields(), body.version());
        return response(changed, service.work(caller, changed.projectId()));
    }

    /** @param done false to let it stand again */
    record NoteRequest(boolean done) {}

    @PutMapping("/work-sessions/{id}/note")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tickNote(Caller caller, @PathVariable UUID id, @RequestBody NoteRequest body) {
        service.tickNote(caller, id, body.done());
    }

    private static WorkSessionResponse response(WorkSessionRow e, List<WorkRow> work) {
        return new WorkSessionResponse(
                e,
                e.noteDoneAt() != null,
                work.stream().filter(w -> w.workSessionId().equals(e.id())).toList());
    }
}
