package ofisino.server.money.ledger;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.money.ledger.Destination;
import ofisino.core.money.ledger.EntryKind;
import ofisino.core.money.ledger.Split;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.money.ledger.EntryMapper.EntryRow;
import ofisino.server.money.ledger.EntryMapper.SplitRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api")
record EntryController(
        EntryService service, Reversals reversals, Moves moves, WorkshopTools workshopTools, LedgerCsv csv) {
    /** @param baseMinor positive, whichever way the money goes */
    record SplitFields(Destination destination, @Nullable UUID jobId, long baseMinor) {
        static SplitFields of(Split split) {
            return new SplitFields(split.destination(), split.job().orElse(null), split.baseMinor());
        }
    }

    /** @param amountMinor above 0, in the currency @param returnBy the last day on which a deposit comes back; only for one */
    record EntryFields(
            EntryKind kind,
            LocalDate paidOn,
            String description,
            @Nullable UUID supplierId,
            @Nullable UUID orderId,
            String currency,
            long amountMinor,
            BigDecimal rate,
            LocalDate rateOn,
            @Nullable LocalDate returnBy,
            @Nullable List<SplitFields> splits) {}

    /** @param booked it is booked at once; else a draft, to be changed until it is */
    record NewEntryRequest(
            UUID id, EntryFields fields, @Nullable Boolean booked) {}

    record EntryChangeRequest(
            EntryFields fields, long version, @Nullable Boolean booked) {}

    record PostingRequest(long version) {}

    record ReversalRequest(UUID reversalId) {}

    /** @param id of the entry on the car that it leaves @param twinId of that on the other @param minor in the base currency @param fromJob that bore it; absent where the car did */
    record ValueMoveRequest(
            UUID id,
            UUID twinId,
            UUID toProject,
            String description,
            long minor,
            LocalDate movedOn,
            @Nullable UUID fromJob,
            @Nullable UUID toJob) {}

    /** @param minor in the base currency, no more than the car bears for tools */
    record ToolToWorkshopRequest(UUID id, String description, long minor, LocalDate movedOn) {}

    /** @param id of the entry by which it left the car that paid for it @param vehicleName of that car */
    record WorkshopTool(UUID id, String vehicleName, String description, LocalDate movedOn, long paidMinor) {}

    /** @param sumMinor of what the cars paid for them, in the base currency */
    record WorkshopToolsResponse(String currency, long sumMinor, List<WorkshopTool> tools) {}

    record EntryResponse(@JsonUnwrapped EntryRow entry, List<SplitFields> splits) {}

    @GetMapping("/projects/{projectId}/entries")
    List<EntryResponse> list(Caller caller, @PathVariable UUID projectId) {
        Map<UUID, List<SplitRow>> splits =
                service.splits(caller, projectId).stream().collect(Collectors.groupingBy(SplitRow::entryId));
        return service.list(caller, projectId).stream()
                .map(e -> response(e, splits.getOrDefault(e.id(), List.of())))
                .toList();
    }

    /** What is booked, to be opened in a spreadsheet. */
    @GetMapping(value = "/projects/{projectId}/entries.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> csv(Caller caller, @PathVariable UUID projectId) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("books.csv")
                                .build()
                                .toString())
                .body(csv.of(caller, projectId));
    }

    @GetMapping("/orders/{orderId}/invoice-shares")
    List<SplitFields> propose(
            Caller caller, @PathVariable UUID orderId, @RequestParam long amountMinor, @RequestParam BigDecimal rate) {
        return service.propose(caller, orderId, amountMinor, rate).parts().stream()
                .map(SplitFields::of)
                .toList();
    }

    record ConversionResponse(long baseMinor) {}

    /** Shown while a foreign amount is typed: the same conversion as when it is kept. */
    @GetMapping("/conversion")
    ConversionResponse convert(
            Caller caller,
            @RequestParam String currency,
            @RequestParam long amountMinor,
            @RequestParam BigDecimal rate) {
        return new ConversionResponse(service.convert(caller, currency, amountMinor, rate));
    }

    @PostMapping("/projects/{projectId}/entries")
    @ResponseStatus(HttpStatus.CREATED)
    EntryResponse draft(Caller caller, @PathVariable UUID projectId, @RequestBody NewEntryRequest body) {
        return response(
                caller, booked(caller, service.draft(caller, projectId, body.id(), body.fields()), body.booked()));
    }

    @GetMapping("/entries/{id}")
    EntryResponse find(Caller caller, @PathVariable UUID id) {
        return response(caller, service.find(caller, id));
    }

    @PutMapping("/entries/{id}")
    EntryResponse change(Caller caller, @PathVariable UUID id, @RequestBody EntryChangeRequest body) {
        return response(
                caller, booked(caller, service.change(caller, id, body.fields(), body.version()), body.booked()));
    }

    @PostMapping("/entries/{id}/posting")
    EntryResponse post(Caller caller, @PathVariable UUID id, @RequestBody PostingRequest body) {
        return response(caller, service.post(caller, id, body.version()));
    }

    @PostMapping("/entries/{id}/reversal")
    @ResponseStatus(HttpStatus.CREATED)
    EntryResponse reverse(Caller caller, @PathVariable UUID id, @RequestBody ReversalRequest body) {
        return response(caller, reversals.reverse(caller, id, body.reversalId()));
    }

    /** Something that was paid for goes to another car of the garage, which bears it from now on. */
    @PostMapping("/projects/{projectId}/moves")
    @ResponseStatus(HttpStatus.CREATED)
    EntryResponse move(Caller caller, @PathVariable UUID projectId, @RequestBody ValueMoveRequest body) {
        moves.move(caller, projectId, body);
        return find(caller, body.id());
    }

    @GetMapping("/workshop-tools")
    WorkshopToolsResponse workshopTools(Caller caller) {
        return workshopTools.all(caller);
    }

    /** A tool that a car paid for stays in the workshop: no car bears it from now on. */
    @PostMapping("/projects/{projectId}/workshop-tools")
    @ResponseStatus(HttpStatus.CREATED)
    EntryResponse keepTool(Caller caller, @PathVariable UUID projectId, @RequestBody ToolToWorkshopRequest body) {
        workshopTools.take(caller, projectId, body);
        return find(caller, body.id());
    }

    @DeleteMapping("/entries/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void discard(Caller caller, @PathVariable UUID id, @RequestParam long version) {
        service.discard(caller, id, version);
    }

    private EntryRow booked(Caller caller, EntryRow draft, @Nullable Boolean booked) {
        return Boolean.TRUE.equals(booked) ? service.post(caller, draft.id(), draft.version()) : draft;
    }

    private EntryResponse response(Caller caller, EntryRow entry) {
        return response(entry, service.splitsOf(caller, entry.id()));
    }

    private static EntryResponse response(EntryRow e, List<SplitRow> splits) {
        return new EntryResponse(
                e, splits.stream().map(s -> SplitFields.of(s.value())).toList());
    }
}
