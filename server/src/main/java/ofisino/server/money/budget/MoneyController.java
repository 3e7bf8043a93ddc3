package ofisino.server.money.budget;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.money.budget.Month;
import ofisino.core.money.budget.Position;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/projects/{projectId}/money")
record MoneyController(PositionService service) {
    record OpenOrder(
            UUID orderId, String supplier, String currency, long openMinor, long baseMinor, LocalDate expectedOn) {}

    record ToOrder(UUID needId, String title, long baseMinor) {}

    /** The same thing to be ordered for several jobs. @param unpriced of the needs, those without a price */
    record ToOrderLine(String title, int needs, int unpriced, long baseMinor) {}

    /** What somebody else asks for a job that he does, less what is paid of it; 0 while nobody knows his price. */
    record AgreedPrice(UUID jobId, String title, long baseMinor) {}

    /** What was paid for things that were sent back; it counts as spent until it comes. */
    record RefundDue(UUID orderId, String supplier, String currency, long minor, long baseMinor) {}

    /** Left with somebody until they have the old part; no cost before its day is past. */
    record DepositOut(String description, long baseMinor, LocalDate returnBy) {}

    /** @param heldForPlansB what would be done instead if risky jobs failed; not in what it will have cost */
    record MoneyResponse(
            String currency,
            Position position,
            Month month,
            long willHaveCost,
            long left,
            long overBasisPoints,
            long leftThisMonth,
            long heldForPlansB,
            List<OpenOrder> orderedNotPaid,
            List<ToOrderLine> toOrder,
            List<AgreedPrice> agreed,
            List<RefundDue> refundsExpected,
            List<DepositOut> depositsOut) {}

    @GetMapping
    MoneyResponse money(Caller caller, @PathVariable UUID projectId) {
        return service.money(caller, projectId);
    }
}
