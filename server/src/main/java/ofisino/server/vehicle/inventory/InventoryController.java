package ofisino.server.vehicle.inventory;

import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.inventory.InventoryMapper.InventoryRow;
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
@RequestMapping("/api/projects/{projectId}/inventory")
record InventoryController(InventoryService service) {
    record InventoryLineResponse(InventoryRow line, int toObtain, int spare) {
        static InventoryLineResponse of(InventoryRow line) {
            return new InventoryLineResponse(
                    line, line.toCore().toObtain(), line.toCore().spare());
        }
    }

    @GetMapping
    List<InventoryLineResponse> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId).stream()
                .map(InventoryLineResponse::of)
                .toList();
    }

    /** Adds a line or counts one again. */
    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void count(Caller caller, @PathVariable UUID projectId, @RequestBody InventoryRow body) {
        service.count(caller, projectId, body);
    }
}
