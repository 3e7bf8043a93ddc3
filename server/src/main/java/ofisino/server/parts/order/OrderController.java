package ofisino.server.parts.order;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.parts.Orders.Order;
import ofisino.server.parts.Orders.Terms;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/projects/{projectId}/orders")
record OrderController(OrderService service) {
    /** @param sparePieces more in the pack than is needed, in the unit of the part; where nobody says, what the fewest packs leave over */
    record LineRequest(
            UUID needId, long amountMinor, @Nullable Integer sparePieces) {}

    /** @param minor in the order's currency @param returnBy the last day on which the old part brings it back @param entryId of the draft that it becomes */
    record DepositRequest(UUID entryId, long minor, LocalDate returnBy) {}

    /** @param returnDays from arrival, in which it is taken back; absent: as the supplier usually does @param deposit left for the old part, beside the price; absent where there is none */
    record NewOrderRequest(
            UUID id,
            @JsonUnwrapped Terms terms,
            @Nullable Integer returnDays,
            List<LineRequest> lines,
            @Nullable DepositRequest deposit) {}

    @GetMapping
    List<Order> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Order place(Caller caller, @PathVariable UUID projectId, @RequestBody NewOrderRequest body) {
        return service.place(caller, projectId, body);
    }
}
