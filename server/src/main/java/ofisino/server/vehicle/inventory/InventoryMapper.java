package ofisino.server.vehicle.inventory;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.vehicle.inventory.Completeness;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface InventoryMapper {
    List<InventoryRow> of(UUID garageId, UUID projectId);

    Optional<InventoryRow> find(UUID garageId, UUID id);

    void insert(UUID garageId, UUID projectId, InventoryRow line);

    int update(UUID garageId, InventoryRow line);

    /** @param box where the loose ones lie */
    record InventoryRow(
            UUID id, String zone, String name, int expected, int onVehicle, int loose, String box, long version) {
        Completeness toCore() {
            return new Completeness(expected, onVehicle, loose);
        }
    }
}
