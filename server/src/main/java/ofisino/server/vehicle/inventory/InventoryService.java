package ofisino.server.vehicle.inventory;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Texts;
import ofisino.core.vehicle.body.Body;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.BodyChange;
import ofisino.server.vehicle.Inventory;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.inventory.InventoryMapper.InventoryRow;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** What belongs to a vehicle, and what of it is missing or only loose in boxes. */
@Service
record InventoryService(InventoryMapper mapper, Projects projects) implements Inventory {
    List<InventoryRow> of(Caller caller, UUID projectId) {
        projects.require(caller, projectId);
        return mapper.of(caller.garageId(), projectId);
    }

    @Override
    public List<Lacking> lacking(Caller caller, UUID projectId) {
        Body body = projects.bodyOf(projects.require(caller, projectId));
        return of(caller, projectId).stream()
                .filter(line -> line.onVehicle() < line.expected())
                .map(line -> new Lacking(
                        line.id(), line.name(), body.require(line.zone()).system()))
                .toList();
    }

    @EventListener
    void placesStay(BodyChange change) {
        for (InventoryRow line : of(change.caller(), change.projectId())) change.keep(line.name(), line.zone());
    }

    void count(Caller caller, UUID projectId, InventoryRow line) {
        projects.bodyOf(projects.requireOpen(caller, projectId)).require(line.zone());
        line.toCore();
        InventoryRow checked = new InventoryRow(
                line.id(),
                line.zone(),
                Texts.line("name", line.name()),
                line.expected(),
                line.onVehicle(),
                line.loose(),
                line.box().isBlank() ? "" : Texts.line("box", line.box()),
                line.version());
        if (mapper.find(caller.garageId(), line.id()).isEmpty() && line.version() == 0)
            mapper.insert(caller.garageId(), projectId, checked);
        else
            Stored.notStale(
                    mapper.update(caller.garageId(), checked),
                    "line",
                    () -> Stored.require(mapper.find(caller.garageId(), line.id()), "line", line.id()));
    }
}
