package ofisino.server.plan.sentout;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.plan.sentout.Offer;
import ofisino.core.plan.sentout.Trip;
import ofisino.server.history.ChangesNothing;
import ofisino.server.identity.AtLeast;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.plan.SentOutWork.ToSend;
import ofisino.server.plan.sentout.SentOutMapper.OfferRow;
import ofisino.server.plan.sentout.SentOutMapper.SentOutRow;
import ofisino.server.plan.sentout.SentOutService.Compared;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
record SentOutController(SentOutService service) {
    record SentOutResponse(
            SentOutRow row,
            boolean late,
            int missing,
            @Nullable String blockedBy,
            List<Compared> offers) {}

    record SentOutWorkResponse(List<SentOutResponse> sentOutWork, long thousandKmMinor, long hourMinor) {}

    record NewSentOutRequest(UUID id, @JsonUnwrapped ToSend what) {}

    record NewOfferRequest(UUID id, @JsonUnwrapped Offer terms) {}

    record SendRequest(String carrier, LocalDate expectedOn, long version) {}

    record BackRequest(int piecesBack, @Nullable String note, long version) {}

    record RefusedRequest(String reason, long version) {}

    record RatesBody(int thousandKmMinor, int hourMinor) {}

    record TripRequest(List<Integer> fromHomeKm, List<Integer> betweenKm) {}

    record TripResponse(int togetherKm, int apartKm, long savedMinor) {}

    @GetMapping("/projects/{projectId}/sent-out")
    SentOutWorkResponse of(Caller caller, @PathVariable UUID projectId) {
        Offer.Rates rates = service.rates(caller);
        return new SentOutWorkResponse(
                service.of(caller, projectId).stream()
                        .map(s -> new SentOutResponse(
                                s.row(), s.late(), s.missing(), s.blockedBy().orElse(null), s.offers()))
                        .toList(),
                rates.thousandKmMinor(),
                rates.hourMinor());
    }

    @PostMapping("/projects/{projectId}/sent-out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(Caller caller, @PathVariable UUID projectId, @RequestBody NewSentOutRequest b) {
        service.add(caller, projectId, b.id(), b.what());
    }

    @AtLeast(Role.OWNER)
    @PostMapping("/projects/{projectId}/sent-out/{id}/offers")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void offer(Caller caller, @PathVariable UUID projectId, @PathVariable UUID id, @RequestBody NewOfferRequest b) {
        service.offer(caller, projectId, new OfferRow(b.id(), id, b.terms()));
    }

    @PostMapping("/sent-out/{id}/send")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void send(Caller caller, @PathVariable UUID id, @RequestBody SendRequest b) {
        service.send(caller, id, b.carrier(), b.expectedOn(), b.version());
    }

    @PostMapping("/sent-out/{id}/back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void back(Caller caller, @PathVariable UUID id, @RequestBody BackRequest b) {
        service.back(caller, id, b.piecesBack(), b.note(), b.version());
    }

    @PostMapping("/sent-out/{id}/refused")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void refused(Caller caller, @PathVariable UUID id, @RequestBody RefusedRequest b) {
        service.refused(caller, id, b.reason(), b.version());
    }

    @AtLeast(Role.OWNER)
    @PutMapping("/travel-rates")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rates(Caller caller, @RequestBody RatesBody b) {
        service.putRates(caller, b.thousandKmMinor(), b.hourMinor());
    }

    /** Several errands on one way; changes nothing. */
    @ChangesNothing
    @PostMapping("/trips")
    TripResponse trip(Caller caller, @RequestBody TripRequest b) {
        var trip = new Trip(b.fromHomeKm(), b.betweenKm());
        return new TripResponse(
                trip.togetherKm(), trip.apartKm(), service.rates(caller).wayMinor(trip.apartKm() - trip.togetherKm()));
    }
}
