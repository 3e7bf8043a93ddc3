package ofisino.server.money.buying;

import java.util.UUID;
import ofisino.core.money.buying.Purpose;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.money.buying.BuyingMapper.BuyingRow;
import ofisino.server.money.buying.BuyingMapper.ComparableRow;
import ofisino.server.money.buying.BuyingService.Weighed;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/projects/{projectId}/buying")
record BuyingController(BuyingService service) {
    /** @param entryId under which the purchase is drafted in the ledger; absent when it stands there already */
    record PurchaseRequest(
            long priceMinor,
            @Nullable Purpose purpose,
            @Nullable String reason,
            @Nullable UUID entryId) {}

    record LeavingRequest(String reason) {}

    @GetMapping
    Weighed weigh(Caller caller, @PathVariable UUID projectId) {
        return service.weigh(caller, projectId);
    }

    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void say(Caller caller, @PathVariable UUID projectId, @RequestBody BuyingRow body) {
        service.say(caller, projectId, body);
    }

    @PostMapping("/comparables")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void compare(Caller caller, @PathVariable UUID projectId, @RequestBody ComparableRow body) {
        service.compare(caller, projectId, body);
    }

    @DeleteMapping("/comparables/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void drop(Caller caller, @PathVariable UUID projectId, @PathVariable UUID id) {
        service.drop(caller, projectId, id);
    }

    @PostMapping("/purchase")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void buy(Caller caller, @PathVariable UUID projectId, @RequestBody PurchaseRequest body) {
        service.buy(caller, projectId, body.priceMinor(), body.purpose(), body.reason(), body.entryId());
    }

    @PostMapping("/leaving")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(Caller caller, @PathVariable UUID projectId, @RequestBody LeavingRequest body) {
        service.leave(caller, projectId, body.reason());
    }
}
