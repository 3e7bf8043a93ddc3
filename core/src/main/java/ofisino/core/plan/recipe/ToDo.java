package ofisino.core.plan.recipe;

import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.finding.Decision;
import ofisino.core.vehicle.finding.FindingKind;

/**
 * A decided finding, as far as its recipe hangs on it.
 *
 * @param place where it lies, on either side: {@code "sill"}
 */
public record ToDo(FindingKind kind, VehicleSystem system, String place, Decision decision) {}
