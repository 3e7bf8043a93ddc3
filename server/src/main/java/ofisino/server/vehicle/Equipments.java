package ofisino.server.vehicle;

import ofisino.core.vehicle.equipment.Equipment;
import ofisino.server.identity.Caller;

/** The door to what vehicles have. */
public interface Equipments {
    Equipment of(Caller caller, Projects.Project project);
}
