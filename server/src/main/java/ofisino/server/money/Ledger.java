package ofisino.server.money;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.money.budget.MoneyDue;
import ofisino.core.money.budget.Month;
import ofisino.core.money.budget.Position;
import ofisino.server.identity.Caller;

/** The door to the money of a project. */
public interface Ledger {
    /** All amounts in the garage's base currency, minor units. */
    Standing standing(Caller caller, UUID projectId);

    /** @param agreed by job that somebody else does, what is still to be paid for it, 0 while nobody knows @param due what comes back only if somebody sees to it, the soonest first */
    record Standing(String currency, Position position, Map<UUID, Long> agreed, Month month, List<MoneyDue> due) {
        public Standing {
            agreed = Map.copyOf(agreed);
            due = List.copyOf(due);
        }
    }
}
