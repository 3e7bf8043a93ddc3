package ofisino.core.kernel;

import ofisino.core.money.budget.Position;

/** Never called: planted for the architecture test to catch. */
public final class PlantedLookRight {
    Position wrong;
}
