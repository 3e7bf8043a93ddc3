package ofisino.server.money.totals;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.money.budget.Reconcile;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/projects/{projectId}/totals")
record TotalsController(TotalsService service) {
    /** What money is grouped by. */
    enum GroupedBy {
        SYSTEM,
        JOB,
        PHASE,
        STANDARD,
        SELLER,
        YEAR,
        /** Bought, carried, served, sold. */
        KIND
    }

    /**
     * @param key   of the group
     * @param title of a job or a seller; else the key is a word of the pages
     * @param jobId where it is one job
     */
    record GroupTotal(
            String key, @Nullable String title, @Nullable UUID jobId, long baseMinor) {}

    /** @param depositsOutMinor of the closing sum, what still comes back: a deposit is no cost before its day is past */
    record MoneyTotalsResponse(
            GroupedBy by,
            LocalDate from,
            LocalDate to,
            long openingMinor,
            List<GroupTotal> groups,
            long closingMinor,
            long depositsOutMinor) {}

    /** What is asked for: from the first entry, and to today, where nothing is said. */
    record Which(
            GroupedBy by,
            @Nullable LocalDate from,
            @Nullable LocalDate to) {}

    @GetMapping
    MoneyTotalsResponse totals(
            Caller caller,
            @PathVariable UUID projectId,
            @RequestParam GroupedBy by,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate to) {
        return service.of(caller, projectId, new Which(by, from, to));
    }

    /** Compares what somebody named with the lines: of one group or of all, in the same stretch of time. */
    @GetMapping("/check")
    Reconcile.Outcome checkGroup(
            Caller caller,
            @PathVariable UUID projectId,
            @RequestParam GroupedBy by,
            @RequestParam(required = false) @Nullable String key,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate to,
            @RequestParam long typedMinor) {
        return service.check(caller, projectId, new Which(by, from, to), key, typedMinor);
    }
}
