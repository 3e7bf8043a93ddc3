package ofisino.server.logbook.worksession;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.logbook.worksession.WorkSessionBegunService.What;
import ofisino.server.logbook.worksession.WorkSessionMapper.WorkRow;
import ofisino.server.logbook.worksession.WorkSessionMapper.WorkSessionRow;
import ofisino.server.logbook.worksession.WorkSessionService.Unfinished;
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
    /** @param work what it is for, in the order in which it is done */
    record BegunRequest(UUID id, List<What> work) {}

    /** @param minutes a first answer to how long; 0 where no time went on it yet @param tickedAt when it was ticked off */
    record SessionStepResponse(
            @Nullable UUID jobId,
            @Nullable String access,
            String title,
            int minutes,
            @Nullable Instant tickedAt) {}

    /** @param work in the order in which it is done */
    record BegunResponse(UUID projectId, Instant begunAt, List<SessionStepResponse> work) {}

    /** The evening on which the asking person is in the garage now; nothing (204) while they are not. */
    @GetMapping("/work-session-begun")
    ResponseEntity<BegunResponse> begun(Caller caller) {
        return begun.of(caller)
                .map(g -> ResponseEntity.ok(new BegunResponse(
                        g.row().projectId(),
                        g.row().begunAt(),
                        g.onWhat().stream()
                                .map(w -> new SessionStepResponse(
                                        w.jobId(),
                                        w.access(),
                                        begun.nameOf(caller, g.row().projectId(), w),
                                        g.minutes().getOrDefault(w, 0),
                                        g.ticks().get(w)))
                                .toList())))
                .orElse(ResponseEntity.noContent().build());
    }

    @PostMapping("/projects/{projectId}/work-session-begun")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void begin(Caller caller, @PathVariable UUID projectId, @RequestBody BegunRequest body) {
        begun.begin(caller, projectId, body.id(), body.work());
    }

    /** @param done false to let it stand again */
    record TickRequest(What what, boolean done) {}

    @PutMapping("/work-session-begun/ticks")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tick(Caller caller, @RequestBody TickRequest body) {
        begun.tick(caller, body.what(), body.done());
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

    /** @param finished jobs of this session that are done */
    record NewWorkSessionRequest(
            UUID id, WorkSessionFields fields, @Nullable List<UUID> finished) {}

    /** @param unfinished jobs that were said to be done and may not be: they are in hand */
    record LoggedResponse(@JsonUnwrapped WorkSessionResponse logged, List<Unfinished> unfinished) {}

    record WorkSessionChangeRequest(WorkSessionFields fields, long version) {}

    /** @param mostlyOn the job that took most of it; absent where none did */
    record WorkSessionResponse(
            @JsonUnwrapped WorkSessionRow session,
            boolean noteDone,
            @Nullable UUID mostlyOn,
            List<WorkRow> work) {}

    @GetMapping("/projects/{projectId}/work-sessions")
    List<WorkSessionResponse> list(Caller caller, @PathVariable UUID projectId) {
        List<WorkRow> work = service.work(caller, projectId);
        return service.list(caller, projectId).stream()
                .map(e -> response(e, work))
                .toList();
    }

    @PostMapping("/projects/{projectId}/work-sessions")
    @ResponseStatus(HttpStatus.CREATED)
    LoggedResponse add(Caller caller, @PathVariable UUID projectId, @RequestBody NewWorkSessionRequest body) {
        WorkSessionRow added = service.add(caller, projectId, body.id(), body.fields());
        List<Unfinished> unfinished =
                body.finished() == null ? List.of() : service.finish(caller, added, body.finished());
        return new LoggedResponse(response(added, service.work(caller, projectId)), unfinished);
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
                WorkSessionService.mostlyOn(e.id(), work),
                work.stream().filter(w -> w.workSessionId().equals(e.id())).toList());
    }
}
