package ofisino.server.money.market;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/projects/{projectId}/bought")
record MarketController(MarketService service) {
    /** @param version as it was when it was ticked */
    record BoughtNeed(UUID needId, long version) {}

    /**
     * One thing bought over the counter, for one job or several.
     *
     * @param matched   of what must match, what was compared and agrees
     * @param paidMinor for all of it, in the base currency; 0 where it cost nothing or nobody says. An owner's to say
     * @param entryId   of the draft that it becomes in the ledger; absent where nothing was paid
     */
    record BoughtRequest(
            List<BoughtNeed> needs,
            UUID placeId,
            LocalDate boughtOn,
            List<String> matched,
            long paidMinor,
            @Nullable UUID entryId,
            @Nullable String remark) {}

    /** The parts are there and what they cost is a draft of the ledger: both, or neither. */
    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bought(Caller caller, @PathVariable UUID projectId, @RequestBody BoughtRequest body) {
        service.bought(caller, projectId, body);
    }
}
