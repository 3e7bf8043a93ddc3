package ofisino.core.plan.recipe;

import java.util.Set;
import ofisino.core.vehicle.equipment.Applies;

/**
 * Work that is done once for all, and what asks for it.
 *
 * @param beforeHeat whatever sparks or burns on the vehicle waits for it
 * @param after      accesses, or work that is done first: whatever opens one of them ends in it
 */
record Shared(SharedWork work, Applies applies, boolean beforeHeat, Set<String> after) {}
