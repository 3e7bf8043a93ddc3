package ofisino.server.parts.asking;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api")
record AskingController(AskingService service) {
    enum SellerAnswerState {
        ANSWERED,
        NO_ANSWER
    }

    /** @param priceMinor of one, in the currency @param stock how many it has now @param days from order to door */
    record ArticleOffered(String article, String name, long priceMinor, String currency, int stock, int days) {}

    /** @param leftOut of its articles those whose price, currency or days cannot be right */
    record SellerAnswered(
            String seller, String name, SellerAnswerState state, List<ArticleOffered> articles, int leftOut) {}

    /** @param canAsk false where nobody is named who could be asked: offers are typed then */
    record AskedResponse(boolean canAsk, List<SellerAnswered> answers) {}

    /** What of an answer is noted as an offer. @param supplierId given to the seller where the garage does not know it yet */
    record TakenRequest(UUID sourceId, UUID supplierId, String seller, ArticleOffered article) {}

    enum SendingAnswer {
        /** No answer: it may have got there, and is sent again under the same number. */
        UNSURE,
        ACCEPTED,
        REFUSED
    }

    /**
     * What came of an order that was sent.
     *
     * @param dearerMinor  what the seller asks more than was ordered, in the order's currency; negative where less
     * @param laterDays    than it was expected
     * @param agrees       the same sum, and in time
     */
    record OrderSent(
            UUID orderId,
            LocalDate sentOn,
            SendingAnswer answer,
            @Nullable Long dearerMinor,
            @Nullable LocalDate saidOn,
            long laterDays,
            boolean agrees,
            String reason) {}

    /** @param canAsk whether sellers can be asked from here @param sendable orders not sent yet, of a seller that takes them over the wire, with a number of the seller's for every line */
    record SendingsResponse(boolean canAsk, List<OrderSent> sent, List<UUID> sendable) {}

    /** What sellers have under these words now; nothing of it is kept. */
    @GetMapping("/sellers/asked")
    AskedResponse ask(Caller caller, @RequestParam String words) {
        return service.ask(words);
    }

    @PostMapping("/needs/{id}/offers-taken")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(Caller caller, @PathVariable UUID id, @RequestBody TakenRequest body) {
        service.take(caller, id, body);
    }

    @GetMapping("/projects/{projectId}/orders/sent")
    SendingsResponse sent(Caller caller, @PathVariable UUID projectId) {
        return service.sent(caller, projectId);
    }

    /** Sends an order to its seller; once more where the last answer was unsure. */
    @PostMapping("/orders/{id}/sending")
    OrderSent send(Caller caller, @PathVariable UUID id) {
        return service.send(caller, id);
    }
}
