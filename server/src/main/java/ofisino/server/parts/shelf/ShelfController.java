package ofisino.server.parts.shelf;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Side;
import ofisino.core.parts.consumable.AmountUnit;
import ofisino.core.parts.shelf.Condition;
import ofisino.core.parts.shelf.Fate;
import ofisino.core.parts.shelf.StockMove.MoveKind;
import ofisino.core.parts.shelf.StockOrigin;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.parts.Needs.Need;
import ofisino.server.parts.shelf.ShelfMapper.MoveRow;
import ofisino.server.parts.shelf.ShelfMapper.StockRow;
import ofisino.server.parts.shelf.ShelfMapper.StockSaid;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
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
@Roles
@RequestMapping("/api")
record ShelfController(ShelfService service) {
    /** @param isLow to be bought again @param isToCollect sold, and not fetched yet */
    record StockResponse(
            UUID id,
            int quantity,
            long costMinor,
            long worthMinor,
            String placeCode,
            String placeName,
            @Nullable String vehicle,
            boolean isLow,
            boolean isToCollect,
            long version,
            @JsonUnwrapped StockSaid said) {
        static StockResponse of(StockRow row) {
            return new StockResponse(
                    row.id(),
                    row.quantity(),
                    row.costMinor(),
                    row.worthMinor(),
                    row.placeCode() == null ? "" : row.placeCode(),
                    row.placeName() == null ? "" : row.placeName(),
                    row.vehicle(),
                    row.toCore().isLow(),
                    !row.said().buyer().isEmpty(),
                    row.version(),
                    row.said());
        }
    }

    /** Several of one thing. @param best of them, as far as somebody has looked */
    record SeveralResponse(UUID best, List<UUID> others) {}

    /** @param more further ones that the search finds too @param low what is to be bought again @param several of those found */
    record ShelfResponse(
            List<StockResponse> things, boolean more, List<StockResponse> low, List<SeveralResponse> several) {}

    record FitResponse(UUID needId, UUID stockId, int quantity, Condition condition, String placeCode) {}

    /** @param quantity that comes onto the shelf */
    record NewStockRequest(UUID id, UUID moveId, int quantity, StockFields fields) {}

    record StockFields(
            @Nullable UUID projectId,
            String title,
            @Nullable Side side,
            @Nullable AmountUnit unit,
            @Nullable Integer lowMark,
            UUID placeId,
            @Nullable Condition condition,
            @Nullable StockOrigin origin,
            @Nullable String note,
            @Nullable Fate fate,
            @Nullable UUID replacedBy,
            @Nullable Long worthMinor,
            @Nullable Long askingMinor,
            @Nullable String buyer) {}

    record StockChangeRequest(StockFields fields, long version) {}

    /** @param pieces how many go @param proceedsMinor that came back for what was sold; nothing where nobody says */
    record StockMoveRequest(
            UUID id,
            MoveKind kind,
            int pieces,
            @Nullable String note,
            @Nullable Long proceedsMinor,
            long version) {}

    /** @param id of the move that a difference makes */
    record Counted(UUID id, UUID stockId, int found, long version) {}

    record CountsRequest(List<Counted> counts) {}

    record Decided(UUID stockId, Fate fate, long version) {}

    record FatesRequest(List<Decided> fates) {}

    /** @param matched of what must match, what was compared and agrees */
    record FromStockRequest(
            UUID moveId, UUID stockId, @Nullable List<String> matched, long version) {}

    /** @param q words that all stand somewhere in its title, its note, its place or its vehicle */
    @GetMapping("/shelf")
    ShelfResponse shelf(Caller caller, @RequestParam(defaultValue = "") String q) {
        return service.search(caller, q);
    }

    @GetMapping("/stock/{id}/moves")
    List<MoveRow> moves(Caller caller, @PathVariable UUID id) {
        return service.moves(caller, id);
    }

    /** What lies on the shelf for what the project still needs. */
    @GetMapping("/projects/{projectId}/shelf-fits")
    List<FitResponse> fits(Caller caller, @PathVariable UUID projectId) {
        return service.fits(caller, projectId);
    }

    @PostMapping("/stock")
    @ResponseStatus(HttpStatus.CREATED)
    StockResponse add(Caller caller, @RequestBody NewStockRequest body) {
        return StockResponse.of(service.add(caller, body.id(), body.moveId(), body.quantity(), body.fields()));
    }

    @PutMapping("/stock/{id}")
    StockResponse change(Caller caller, @PathVariable UUID id, @RequestBody StockChangeRequest body) {
        return StockResponse.of(service.change(caller, id, body.fields(), body.version()));
    }

    /** It was sold, or thrown away. */
    @PostMapping("/stock/{id}/moves")
    StockResponse move(Caller caller, @PathVariable UUID id, @RequestBody StockMoveRequest body) {
        return StockResponse.of(service.move(caller, id, body));
    }

    /** Somebody counted what lies in a place: all of it, or none. */
    @PostMapping("/shelf/counts")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void count(Caller caller, @RequestBody CountsRequest body) {
        body.counts().forEach(c -> service.count(caller, c));
    }

    /** What becomes of several things. */
    @PostMapping("/shelf/fates")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void decide(Caller caller, @RequestBody FatesRequest body) {
        body.fates().forEach(d -> service.decide(caller, d));
    }

    /** The job takes it off the shelf. */
    @PostMapping("/needs/{id}/from-stock")
    Need draw(Caller caller, @PathVariable UUID id, @RequestBody FromStockRequest body) {
        return service.draw(caller, id, body);
    }
}
