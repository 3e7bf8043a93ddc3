package ofisino.server.money;

import java.util.UUID;
import ofisino.core.money.budget.Month;
import ofisino.core.money.budget.Position;
import ofisino.server.identity.Caller;

/** The door to the money of a project. */
public interface Ledger {
    /** All amounts in the garage's base currency, minor units. */
    Standing standing(Caller caller, UUID projectId);

    record Standing(String currency, Position position, Month month) {}
}
