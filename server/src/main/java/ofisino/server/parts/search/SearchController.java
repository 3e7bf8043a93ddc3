package ofisino.server.parts.search;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.parts.sourcing.PartSearch.Missing;
import ofisino.core.parts.sourcing.WayOut;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.parts.search.SearchMapper.InterchangeRow;
import ofisino.server.parts.search.SearchMapper.SearchRow;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
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
@Roles
@RequestMapping("/api")
record SearchController(SearchService service) {
    record SearchRequest(
            Missing why, @Nullable Long mostMinor, @Nullable String lookedAt, WayOut wayOut) {}

    /** @param lookAgainOn absent where something else was decided */
    record SearchResponse(SearchRow search, @Nullable LocalDate lookAgainOn) {}

    record InterchangeFields(
            String part, String fitsFrom, @Nullable String change, String toldBy, boolean tried) {}

    record NewInterchangeRequest(UUID id, InterchangeFields fields) {}

    record InterchangeChangeRequest(InterchangeFields fields, long version) {}

    /** Parts of the project that cannot be had. */
    @GetMapping("/projects/{projectId}/part-searches")
    List<SearchResponse> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    /** It cannot be had; or somebody has looked for it again today. */
    @PutMapping("/needs/{id}/search")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(Caller caller, @PathVariable UUID id, @RequestBody SearchRequest body) {
        service.put(caller, id, body);
    }

    /** It can be had after all. */
    @DeleteMapping("/needs/{id}/search")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(Caller caller, @PathVariable UUID id) {
        service.end(caller, id);
    }

    /** What of other models fits. @param q words that all stand somewhere in the note */
    @GetMapping("/interchange")
    List<InterchangeRow> interchange(Caller caller, @RequestParam(defaultValue = "") String q) {
        return service.interchange(caller, q);
    }

    @PostMapping("/interchange")
    @ResponseStatus(HttpStatus.CREATED)
    InterchangeRow add(Caller caller, @RequestBody NewInterchangeRequest body) {
        return service.add(caller, body.id(), body.fields());
    }

    @PutMapping("/interchange/{id}")
    InterchangeRow change(Caller caller, @PathVariable UUID id, @RequestBody InterchangeChangeRequest body) {
        return service.change(caller, id, body.fields(), body.version());
    }

    @DeleteMapping("/interchange/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(Caller caller, @PathVariable UUID id) {
        service.remove(caller, id);
    }
}
