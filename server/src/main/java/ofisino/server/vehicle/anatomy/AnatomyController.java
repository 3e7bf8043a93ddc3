package ofisino.server.vehicle.anatomy;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.anatomy.OwnComponentMapper.OwnComponentFields;
import ofisino.server.vehicle.anatomy.OwnComponentMapper.OwnComponentRow;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
record AnatomyController(AnatomyService service, Anatomy anatomy, Projects projects, Equipments equipments) {
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
        return service.of(caller, projectId).of(equipments.of(caller, project)).stream()
                .map(ComponentResponse::of)
                .toList();
    }

    /**
     * What a person said of its parts.
     *
     * @param usual   by component, what it is called where nobody says otherwise; none for an added one
     * @param natures what kinds of things there are, for one that is added
     */
    record OwnComponentsResponse(List<OwnComponentRow> said, Map<String, String> usual, List<String> natures) {}

    @GetMapping("/projects/{projectId}/own-components")
    OwnComponentsResponse own(Caller caller, @PathVariable UUID projectId) {
        List<OwnComponentRow> said = service.own(caller, projectId);
        return new OwnComponentsResponse(
                said,
                said.stream()
                        .flatMap(r -> anatomy.find(r.said().component()).stream())
                        .collect(Collectors.toMap(Component::id, Component::name)),
                anatomy.natures());
    }

    record OwnComponentRequest(UUID id, @JsonUnwrapped OwnComponentFields said, long version) {}

    @PutMapping("/projects/{projectId}/own-components")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(Caller caller, @PathVariable UUID projectId, @RequestBody OwnComponentRequest body) {
        service.put(caller, projectId, body.id(), body.version(), body.said());
    }

    @DeleteMapping("/own-components/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID id) {
        service.remove(caller, id);
    }
}
