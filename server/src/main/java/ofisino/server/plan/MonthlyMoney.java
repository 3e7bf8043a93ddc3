package ofisino.server.plan;

import java.util.Optional;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** What the plan has to know of money, which lies to its right: the ledger answers it. */
public interface MonthlyMoney {
    /** Empty where the person has set no limit a month. */
    Optional<Limit> of(Caller caller, UUID projectId);

    /**
     * @param leftMinor    of this month, negative when it is short
     * @param monthlyMinor each month, base currency
     * @param common       all cars of the garage spend from it
     */
    record Limit(long leftMinor, long monthlyMinor, boolean common) {}
}
