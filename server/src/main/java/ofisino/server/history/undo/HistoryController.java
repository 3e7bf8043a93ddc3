package ofisino.server.history.undo;

import java.util.List;
import java.util.UUID;
import ofisino.server.history.undo.HistoryMapper.ChangeRow;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/changes")
record HistoryController(UndoService service) {
    @GetMapping
    List<ChangeRow> latest(Caller caller) {
        return service.latest(caller);
    }

    @PostMapping("/{writeId}/undo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void undo(Caller caller, @PathVariable UUID writeId) {
        service.undo(caller, writeId);
    }
}
