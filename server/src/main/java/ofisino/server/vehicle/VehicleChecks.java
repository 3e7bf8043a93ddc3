package ofisino.server.vehicle;

import java.util.List;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.server.identity.Caller;

/** The door to the checks of a vehicle, each as grave as its place and what happened to the vehicle make it. */
public interface VehicleChecks {
    List<PlacedCheck> of(Caller caller, Projects.Project project);
}
