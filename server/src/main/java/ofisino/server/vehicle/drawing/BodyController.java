package ofisino.server.vehicle.drawing;

import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Body;
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
record BodyController(Bodies bodies, Projects projects, Equipments equipments) {
    /** The styles that there is a drawing of. */
    @GetMapping("/bodies")
    List<BodyStyle> styles() {
        return bodies.styles().stream().sorted().toList();
    }

    /** The drawing of a vehicle: its body, with what it may have where its layout has it. */
    @GetMapping("/projects/{projectId}/drawing")
    Body.Drawing drawing(Caller caller, @PathVariable UUID projectId) {
        Projects.Project project = projects.require(caller, projectId);
        return projects.bodyOf(project).drawing(equipments.of(caller, project));
    }
}
