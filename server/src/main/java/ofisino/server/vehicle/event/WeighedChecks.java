package ofisino.server.vehicle.event;

import java.util.List;
import java.util.Optional;
import ofisino.core.vehicle.check.Catalogue;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.check.Question;
import ofisino.core.vehicle.event.Suspicion;
import ofisino.server.identity.Caller;
import ofisino.server.vehicle.Equipments;
import ofisino.server.vehicle.Projects;
import ofisino.server.vehicle.VehicleChecks;
import ofisino.server.vehicle.event.EventMapper.EventRow;
import org.springframework.stereotype.Component;

/** The checks that what a vehicle has asks for, weighed by what happened to it. */
@Component
record WeighedChecks(
        EventMapper mapper, Projects projects, Catalogue catalogue, Suspicion suspicion, Equipments equipments)
        implements VehicleChecks {
    @Override
    public List<PlacedCheck> of(Caller caller, Projects.Project project) {
        return weighed(caller, project, catalogue.of(projects.bodyOf(project), equipments.of(caller, project)));
    }

    @Override
    public List<PlacedCheck> waiting(Caller caller, Projects.Project project) {
        return weighed(caller, project, catalogue.waiting(projects.bodyOf(project), equipments.of(caller, project)));
    }

    @Override
    public List<Question> questions(Caller caller, Projects.Project project) {
        return Question.of(waiting(caller, project), equipments.of(caller, project));
    }

    @Override
    public Optional<PlacedCheck> behind(Caller caller, Projects.Project project, String checkId, String zone) {
        return catalogue
                .at(projects.bodyOf(project), checkId, zone)
                .map(check -> weighed(caller, project, List.of(check)).get(0));
    }

    private List<PlacedCheck> weighed(Caller caller, Projects.Project project, List<PlacedCheck> checks) {
        return suspicion.weighed(
                checks,
                mapper.of(caller.garageId(), project.id()).stream()
                        .map(EventRow::event)
                        .toList());
    }
}
