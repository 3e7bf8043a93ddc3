package ofisino.core.plan.recipe;

import java.util.Optional;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.core.vehicle.body.Zone;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.Finding;
import ofisino.core.vehicle.finding.FindingKind;

/**
 * A decided finding, as far as its recipe hangs on it.
 *
 * @param place where it lies, on either side: {@code "sill"}
 * @param thing what it is about, where somebody named it
 * @param standard how far the vehicle is to come: only a good one gets its paint
 */
public record ToDo(
        FindingKind kind,
        VehicleSystem system,
        String place,
        Optional<Component> thing,
        Decision decision,
        Aim standard) {
    /** For the road, no more. */
    public ToDo(FindingKind kind, VehicleSystem system, String place, Optional<Component> thing, Decision decision) {
        this(kind, system, place, thing, decision, Aim.ROAD_READY);
    }

    /** @param thing what the finding is about, where it is known */
    public static ToDo of(Finding finding, Optional<Component> thing, Decision decision, Aim standard) {
        return new ToDo(
                finding.kind(),
                thing.map(Component::system).orElse(finding.system()),
                Zone.placeOf(finding.zone()),
                thing,
                decision,
                standard);
    }

    /** At a place of which nobody named a thing. */
    public static ToDo at(String place, VehicleSystem system, FindingKind kind, Decision decision) {
        return new ToDo(kind, system, place, Optional.empty(), decision);
    }
}
