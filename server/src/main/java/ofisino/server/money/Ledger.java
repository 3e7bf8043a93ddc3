package ofisino.server.money;

import java.util.List;
import java.util.UUID;
import ofisino.core.money.budget.MoneyDue;
import ofisino.core.money.budget.Month;
import ofisino.core.money.budget.Position;
import ofisino.server.identity.Caller;

/** The door to the money of a project. */
public interface Ledger {
    /** All amounts in the garage's base currency, minor units. */
    Standing standing(Caller caller, UUID projectId);

    /** @param due what comes back only if somebody sees to it, the soonest first */
    record Standing(String currency, Position position, Month month, List<MoneyDue> due) {
        public Standing {
            due = List.copyOf(due);
        }
    }
}
