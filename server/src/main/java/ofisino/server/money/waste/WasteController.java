package ofisino.server.money.waste;

import java.util.List;
import java.util.UUID;
import ofisino.core.money.ledger.WasteCause;
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
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api")
record WasteController(WasteService service) {
    /** @param minor of what was paid, in the base currency @param note what happened, in a person's own words */
    record WasteFields(UUID id, long minor, WasteCause cause, String note) {}

    record Wasted(UUID id, UUID entryId, String description, long minor, WasteCause cause, String note) {}

    record CauseTotal(WasteCause cause, long minor) {}

    /** @param causes what went to each, the most first */
    record WasteResponse(long totalMinor, List<CauseTotal> causes, List<Wasted> lines) {}

    @GetMapping("/projects/{projectId}/waste")
    WasteResponse waste(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    /** Says that part of a booked entry was for nothing: it stays in the total. */
    @PostMapping("/entries/{entryId}/waste")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void wasted(Caller caller, @PathVariable UUID entryId, @RequestBody WasteFields body) {
        service.add(caller, entryId, body);
    }

    @DeleteMapping("/waste/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void notWasted(Caller caller, @PathVariable UUID id) {
        service.remove(caller, id);
    }
}
