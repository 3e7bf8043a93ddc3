package ofisino.server.parts.conversion;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import ofisino.core.parts.sourcing.ConversionState;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api")
record ConversionController(ConversionService service) {
    /** @param jobId its first step @param parts needs that belong to the pack @param replaced needs whose place it would take */
    record NewConversionRequest(
            UUID id,
            String name,
            @Nullable UUID jobId,
            @Nullable String wayBack,
            @Nullable LocalDate answerBy,
            List<UUID> parts,
            List<UUID> replaced) {}

    record DecisionOfConversionRequest(boolean chosen, long version) {}

    /** @param here of the pack, how many lie in the garage or are fitted @param whole all of them do */
    record PartConversionResponse(
            UUID id,
            @Nullable UUID jobId,
            String name,
            String wayBack,
            ConversionState state,
            @Nullable LocalDate answerBy,
            List<UUID> parts,
            List<UUID> replaced,
            int here,
            boolean whole,
            long version) {}

    @GetMapping("/projects/{projectId}/conversions")
    List<PartConversionResponse> of(Caller caller, @PathVariable UUID projectId) {
        return service.of(caller, projectId);
    }

    @PostMapping("/projects/{projectId}/conversions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(Caller caller, @PathVariable UUID projectId, @RequestBody NewConversionRequest body) {
        service.add(caller, projectId, body);
    }

    @PostMapping("/conversions/{id}/decision")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void decide(Caller caller, @PathVariable UUID id, @RequestBody DecisionOfConversionRequest body) {
        service.decide(caller, id, body.chosen(), body.version());
    }
}
