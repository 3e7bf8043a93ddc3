package ofisino.core.plan.recipe;

import java.util.Set;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.equipment.Applies;

/**
 * Work that is done once for all, and what asks for it.
 *
 * @param before operations: whatever has one of them waits for it
 * @param after  accesses, or work that is done first: whatever opens one of them ends in it
 */
record Shared(SharedWork work, Applies applies, Set<Operation> before, Set<String> after) {}
