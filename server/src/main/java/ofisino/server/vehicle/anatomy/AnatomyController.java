package ofisino.server.vehicle.anatomy;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
record AnatomyController(Anatomy anatomy, Projects projects, Equipments equipments) {
    /**
     * @param places where it is found, on either side
     * @param kinds  what can be wrong with it
     * @param symptom what the vehicle does, no part of it
     */
    record ComponentResponse(
            String id, String name, VehicleSystem system, Set<String> places, Set<FindingKind> kinds, boolean symptom) {
        static ComponentResponse of(Component c) {
            return new ComponentResponse(
                    c.id(),
                    c.name(),
                    c.system(),
                    new TreeSet<>(c.places()),
                    new TreeSet<>(c.nature().kinds()),
                    c.isSymptom());
        }
    }

    /** What a vehicle may be made of, and what it may do when something is wrong. */
    @GetMapping("/projects/{projectId}/anatomy")
    List<ComponentResponse> of(Caller caller, @PathVariable UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        return anatomy.of(equipments.of(caller, project)).stream()
                .map(ComponentResponse::of)
                .toList();
    }
}
