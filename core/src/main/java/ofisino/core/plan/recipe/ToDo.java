package ofisino.core.plan.recipe;

import java.util.Optional;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;

/**
 * A decided finding, as far as its recipe hangs on it.
 *
 * @param place where it lies, on either side: {@code "sill"}
 * @param thing what it is about, where somebody named it
 */
public record ToDo(FindingKind kind, VehicleSystem system, String place, Optional<Component> thing, Decision decision) {
    /** At a place of which nobody named a thing. */
    public static ToDo at(String place, VehicleSystem system, FindingKind kind, Decision decision) {
        return new ToDo(kind, system, place, Optional.empty(), decision);
    }
}
