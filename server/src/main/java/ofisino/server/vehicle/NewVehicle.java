package ofisino.server.vehicle;

import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.server.identity.Caller;

/** A project was started. @param equipment what was known of its vehicle at once */
public record NewVehicle(Caller caller, UUID projectId, List<Equipment.Fact> equipment) {}
