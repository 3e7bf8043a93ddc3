package ofisino.server.money.keeping;

import java.time.LocalDate;
import java.util.UUID;
import ofisino.core.money.buying.Purpose;
import ofisino.core.money.forecast.Span;
import ofisino.core.money.keeping.Outlook;
import ofisino.core.money.keeping.Result;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.money.keeping.KeepingMapper.KeepingRow;
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
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/projects/{projectId}/keeping")
record KeepingController(KeepingService service) {
    record SpanMinor(long lowMinor, long likelyMinor, long highMinor) {
        static SpanMinor of(Span span) {
            return new SpanMinor(span.lowMinor(), span.likelyMinor(), span.highMinor());
        }
    }

    /** @param perHourMinor null where nobody worked @param ifPaidMinor what would be left if the hours had been paid */
    record ResultMinor(long minor, long minutes, @Nullable Long perHourMinor, long ifPaidMinor) {
        static ResultMinor of(Result result, long hourMinor) {
            return new ResultMinor(
                    result.minor(),
                    result.minutes(),
                    result.perHour().isPresent() ? result.perHour().getAsLong() : null,
                    result.ifPaid(hourMinor));
        }
    }

    /**
     * The ways beside each other; of each, what comes in from here on, and over the whole.
     *
     * @param gain by how much finishing is better than selling now
     * @param worthFinishingFromMinor the price when finished at which finishing is as good as selling now
     * @param breakEvenMinor the price when finished at which nothing is lost over the whole
     */
    record WaysOn(
            Outlook.Verdict verdict,
            SpanMinor worthNow,
            SpanMinor worthFinished,
            SpanMinor sellNow,
            SpanMinor finishAndSell,
            SpanMinor gain,
            long worthFinishingFromMinor,
            long breakEvenMinor,
            ResultMinor soldNow,
            ResultMinor finished) {}

    /** What it has cost so far, each month and each kilometre, less what it would fetch; of a car that is gone, the final account. */
    record TallyMinor(
            LocalDate from,
            LocalDate to,
            long netMinor,
            long perMonthMinor,
            @Nullable Long perKmMinor) {}

    /**
     * @param finishedFromMarket from like vehicles and the title; null while nobody entered any
     * @param purpose            for which more was paid than it is worth to the purse
     * @param unestimated        findings without a figure: finishing costs more than is said
     * @param waysOn             null while a value lacks, and once it is gone
     * @param gone               it is sold or scrapped: the result is final
     * @param sellable           it is yours and here
     * @param drafts             receipts that are not booked and count nowhere
     * @param result             all that came in less all that went out, so far
     */
    record KeepingResponse(
            String currency,
            KeepingRow said,
            @Nullable SpanMinor finishedFromMarket,
            @Nullable Purpose purpose,
            String reason,
            long spentMinor,
            SpanMinor toCome,
            int unestimated,
            long minutesToCome,
            long runningPerMonthMinor,
            @Nullable WaysOn waysOn,
            boolean gone,
            boolean sellable,
            int drafts,
            long orderedNotPaidMinor,
            ResultMinor result,
            TallyMinor tally) {}

    record SaleRequest(UUID entryId, long priceMinor, LocalDate soldOn) {}

    @GetMapping
    KeepingResponse keeping(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sayKeeping(Caller caller, @PathVariable UUID projectId, @RequestBody KeepingRow body) {
        service.say(caller, projectId, body);
    }

    /** It is gone: its price is booked, and its records stay as they are. */
    @PostMapping("/sale")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sold(Caller caller, @PathVariable UUID projectId, @RequestBody SaleRequest body) {
        service.sold(caller, projectId, body);
    }
}
