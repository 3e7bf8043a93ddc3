package ofisino.server.parts;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.Anatomies;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import org.springframework.stereotype.Service;

/** Knows a part by what somebody typed. */
@Service
public record CalledComponents(Projects projects, Anatomies anatomies, Equipments equipments) {
    /** The part of the vehicle that is called just so; empty where none is, or several are. */
    public Optional<Component> of(Caller caller, UUID projectId, String title) {
        Equipment vehicle = equipments.of(caller, projects.require(caller, projectId));
        List<Component> found = anatomies.of(caller, projectId).of(vehicle).stream()
                .filter(c -> !c.isSymptom() && c.name().equalsIgnoreCase(title.strip()))
                .toList();
        return found.size() == 1 ? Optional.of(found.get(0)) : Optional.empty();
    }
}
