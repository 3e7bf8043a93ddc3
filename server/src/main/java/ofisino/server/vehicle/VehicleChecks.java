package ofisino.server.vehicle;

import java.util.List;
import java.util.Optional;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.check.Question;
import ofisino.server.identity.Caller;

/** The door to the checks of a vehicle, each as grave as its place and what happened to the vehicle make it. */
public interface VehicleChecks {
    /** Those that are asked of it. */
    List<PlacedCheck> of(Caller caller, Projects.Project project);

    /** Those that may have to be asked once somebody has seen what it has. */
    List<PlacedCheck> waiting(Caller caller, Projects.Project project);

    /** What is to be said or seen first, the gravest at the top. */
    List<Question> questions(Caller caller, Projects.Project project);

    /**
     * One by which a finding was made, also where it is not asked any more: what failed stays as grave as it was.
     *
     * @param zone of the finding
     */
    Optional<PlacedCheck> behind(Caller caller, Projects.Project project, String checkId, String zone);
}
