package ofisino.server.db;

import ofisino.server.money.Ledger;

/** Never called: planted for the architecture test to catch. */
public final class PlantedLookRight {
    Ledger wrong;
}
