package ofisino.server.parts;

import java.time.LocalDate;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.parts.Orders.Order;

/**
 * Something was left with a seller until he has the old part; whoever keeps the books notes it.
 *
 * @param entryId  under which it is noted
 * @param minor    in the order's currency, above 0
 * @param returnBy the last day on which the old part brings it back
 */
public record DepositLeft(Caller caller, Order order, UUID entryId, long minor, LocalDate returnBy) {}
