package ofisino.server.parts.delivery;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.parts.order.LineOutcome;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.parts.Needs.Need;
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
@RequestMapping("/api")
record DeliveryController(DeliveryService service) {
    /** @param pieces how many came; absent where all did @param restOn when the rest is to come; absent: as before */
    record ArrivalRequest(
            LocalDate arrivedOn,
            @Nullable Integer pieces,
            @Nullable LocalDate restOn,
            long version) {}

    /** @param spare pieces that lay in the pack besides; absent: as ordered @param matched of what must match, what was compared and agrees @param failed what is wrong with it; absent where it is right, and read as wrong where nobody says */
    record AcceptanceRequest(
            boolean right,
            @Nullable LineOutcome failed,
            @Nullable Integer spare,
            @Nullable UUID placeId,
            @Nullable String reason,
            @Nullable List<String> matched,
            long version) {}

    record NewDayRequest(LocalDate expectedOn, long version) {}

    record CallOffRequest(String reason, long version) {}

    /** @param reason why it does not fit; not asked for where it does */
    record TrialRequest(boolean fits, @Nullable String reason, long version) {}

    /** @param slip number of the parcel, where there is one */
    record SentBackRequest(LocalDate sentOn, @Nullable String slip) {}

    @PostMapping("/needs/{id}/arrival")
    Need arrive(Caller caller, @PathVariable UUID id, @RequestBody ArrivalRequest body) {
        return service.arrive(caller, id, body);
    }

    @PostMapping("/needs/{id}/acceptance")
    Need accept(Caller caller, @PathVariable UUID id, @RequestBody AcceptanceRequest body) {
        return service.accept(caller, id, body);
    }

    /** It was put off. */
    @PostMapping("/needs/{id}/new-day")
    Need newDay(Caller caller, @PathVariable UUID id, @RequestBody NewDayRequest body) {
        return service.newDay(caller, id, body.expectedOn(), body.version());
    }

    /** It will not come: it is to be ordered elsewhere. */
    @PostMapping("/needs/{id}/call-off")
    Need callOff(Caller caller, @PathVariable UUID id, @RequestBody CallOffRequest body) {
        return service.callOff(caller, id, body.reason(), body.version());
    }

    /** It was held to the vehicle. */
    @PostMapping("/needs/{id}/trial")
    Need tried(Caller caller, @PathVariable UUID id, @RequestBody TrialRequest body) {
        return service.tried(caller, id, body);
    }

    @PostMapping("/order-lines/{id}/sent-back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sentBack(Caller caller, @PathVariable UUID id, @RequestBody SentBackRequest body) {
        service.sentBack(caller, id, body.sentOn(), body.slip());
    }

    /** Its price will not come back: from now on it is a cost. */
    @PostMapping("/order-lines/{id}/refund-lost")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void refundLost(Caller caller, @PathVariable UUID id) {
        service.refundLost(caller, id);
    }
}
