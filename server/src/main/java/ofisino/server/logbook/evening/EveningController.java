package ofisino.server.logbook.evening;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.logbook.evening.EveningMapper.EveningRow;
import ofisino.server.logbook.evening.EveningMapper.WorkRow;
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
class EveningController {
    private final EveningService service;
    private final BegunService begun;

    EveningController(EveningService service, BegunService begun) {
        this.service = service;
        this.begun = begun;
    }

    record BegunRequest(UUID id, List<UUID> jobs, List<String> waysIn) {}

    /** @param work a first answer to how long on which job */
    record BegunResponse(UUID projectId, Instant begunAt, List<WorkFields> work) {}

    /** The evening on which the asking person is in the garage now; nothing (204) while they are not. */
    @GetMapping("/evening-begun")
    ResponseEntity<BegunResponse> begun(Caller caller) {
        return begun.of(caller)
                .map(g -> ResponseEntity.ok(new BegunResponse(
                        g.row().projectId(),
                        g.row().begunAt(),
                        g.minutes().entrySet().stream()
                                .map(e -> new WorkFields(
                                        e.getKey().jobId(), e.getKey().wayIn(), e.getValue()))
                                .toList())))
                .orElse(ResponseEntity.noContent().build());
    }

    @PostMapping("/projects/{projectId}/evening-begun")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void begin(Caller caller, @PathVariable UUID projectId, @RequestBody BegunRequest body) {
        begun.begin(caller, projectId, body.id(), body.jobs(), body.waysIn());
    }

    /** Leaves without logging anything. */
    @DeleteMapping("/evening-begun")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(Caller caller) {
        begun.end(caller);
    }

    /** On a job, or on a way in that was opened or closed. */
    record WorkFields(@Nullable UUID jobId, @Nullable String wayIn, int minutes) {}

    record EveningFields(
            LocalDate workedOn,
            @Nullable String done,
            @Nullable String learned,
            @Nullable String noteToSelf,
            List<WorkFields> work) {}

    record NewEveningRequest(UUID id, EveningFields fields) {}

    record EveningChangeRequest(EveningFields fields, long version) {}

    record EveningResponse(
            UUID id,
            String person,
            LocalDate workedOn,
            String done,
            String learned,
            String noteToSelf,
            boolean noteDone,
            List<WorkRow> work,
            long version) {}

    @GetMapping("/projects/{projectId}/evenings")
    List<EveningResponse> list(Caller caller, @PathVariable UUID projectId) {
        List<WorkRow> work = service.work(caller, projectId);
        return service.list(caller, projectId).stream()
                .map(e -> response(e, work))
                .toList();
    }

    @PostMapping("/projects/{projectId}/evenings")
    @ResponseStatus(HttpStatus.CREATED)
    EveningResponse add(Caller caller, @PathVariable UUID projectId, @RequestBody NewEveningRequest body) {
        EveningRow added = service.add(caller, projectId, body.id(), body.fields());
        return response(added, service.work(caller, projectId));
    }

    @GetMapping("/evenings/{id}")
    EveningResponse find(Caller caller, @PathVariable UUID id) {
        EveningRow evening = service.find(caller, id);
        return response(evening, service.work(caller, evening.projectId()));
    }

    @PutMapping("/evenings/{id}")
    EveningResponse change(Caller caller, @PathVariable UUID id, @RequestBody EveningChangeRequest body) {
        EveningRow changed = service.change(caller, id, body.fields(), body.version());
        return response(changed, service.work(caller, changed.projectId()));
    }

    /** @param done false to let it stand again */
    record NoteRequest(boolean done) {}

    @PutMapping("/evenings/{id}/note")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tickNote(Caller caller, @PathVariable UUID id, @RequestBody NoteRequest body) {
        service.tickNote(caller, id, body.done());
    }

    private static EveningResponse response(EveningRow e, List<WorkRow> work) {
        return new EveningResponse(
                e.id(),
                e.person(),
                e.workedOn(),
                e.done(),
                e.learned(),
                e.noteToSelf(),
                e.noteDoneAt() != null,
                work.stream().filter(w -> w.eveningId().equals(e.id())).toList(),
                e.version());
    }
}
