package ofisino.server.vehicle.equipment;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.HowKnown;
import ofisino.core.vehicle.equipment.Item;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.equipment.EquipmentMapper.FactRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/equipment")
record EquipmentController(EquipmentService service, Projects projects) {
    /** @param possible it may be there: nobody ruled it out */
    record EquipmentValueResponse(String id, String name, boolean possible) {}

    /** @param value as recorded or guessed; absent where nobody knows @param facts what was said of it, the oldest first */
    record EquipmentItemResponse(
            String id,
            String name,
            List<EquipmentValueResponse> values,
            @Nullable String value,
            @Nullable HowKnown how,
            List<FactRow> facts) {}

    /** @param since day of the conversion; absent where it was always so */
    record EquipmentFactRequest(
            UUID id,
            String item,
            String value,
            HowKnown how,
            @Nullable LocalDate since) {}

    record EquipmentFactsRequest(List<EquipmentFactRequest> facts) {}

    @GetMapping
    List<EquipmentItemResponse> of(Caller caller, @PathVariable UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        Equipment equipment = service.of(caller, project);
        List<FactRow> facts = service.facts(caller, projectId);
        return service.items(project).stream()
                .map(i -> item(i, equipment, facts))
                .toList();
    }

    private static EquipmentItemResponse item(Item i, Equipment equipment, List<FactRow> facts) {
        Set<String> possible = equipment.possible(i.id());
        Optional<Equipment.Fact> known = equipment.of(i.id());
        return new EquipmentItemResponse(
                i.id(),
                i.name(),
                i.values().stream()
                        .map(v -> new EquipmentValueResponse(v.id(), v.name(), possible.contains(v.id())))
                        .toList(),
                known.map(Equipment.Fact::value).orElse(null),
                known.map(Equipment.Fact::how).orElse(null),
                facts.stream().filter(f -> f.item().equals(i.id())).toList());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void say(Caller caller, @PathVariable UUID projectId, @RequestBody EquipmentFactsRequest body) {
        for (EquipmentFactRequest f : body.facts())
            service.say(caller, projectId, f.id(), f.item(), f.value(), f.how(), f.since());
    }
}
