package ofisino.server.money.ownstock;

import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.money.ownstock.OwnStockMapper.StockUse;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/projects/{projectId}")
record OwnStockController(OwnStockService service) {
    /**
     * What the car has cost by now, counted in several ways.
     *
     * @param cashMinor   all that was paid
     * @param hourMinor   what a workshop asks for an hour; 0 where nobody said
     * @param fromStock   what came from own stock at no cash
     */
    record WithAndWithoutResponse(
            String currency,
            long cashMinor,
            long toolsMinor,
            long withoutToolsMinor,
            long stockMinor,
            long wouldCostOthersMinor,
            long minutes,
            long hourMinor,
            long labourMinor,
            long withLabourMinor,
            List<StockUse> fromStock) {}

    @GetMapping("/with-and-without")
    WithAndWithoutResponse of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    @PostMapping("/own-stock")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void used(Caller caller, @PathVariable UUID projectId, @RequestBody StockUse body) {
        service.add(caller, projectId, body);
    }

    @DeleteMapping("/own-stock/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void notUsed(Caller caller, @PathVariable UUID projectId, @PathVariable UUID id) {
        service.remove(caller, projectId, id);
    }
}
