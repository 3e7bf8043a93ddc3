package ofisino.server.vehicle.identity;

import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.identity.Feature;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.vehicle.identity.IdentityMapper.FeatureRow;
import ofisino.server.vehicle.identity.IdentityMapper.VariantPartRow;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
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
@RequestMapping("/api/projects/{projectId}")
record IdentityController(IdentityService service) {
    /** @param literal compared character by character; of the others a person says whether they agree */
    record FeatureResponse(FeatureRow row, Feature.Standing standing, boolean literal) {
        static FeatureResponse of(FeatureRow row) {
            return new FeatureResponse(row, row.standing(), row.feature().isLiteral());
        }
    }

    record IdentityResponse(List<FeatureResponse> features, List<VariantPartRow> otherwise) {}

    @GetMapping("/identity")
    IdentityResponse of(Caller caller, @PathVariable UUID projectId) {
        return new IdentityResponse(
                service.features(caller, projectId).stream()
                        .map(FeatureResponse::of)
                        .toList(),
                service.partRows(caller, projectId));
    }

    @PutMapping("/identity/features")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void compare(Caller caller, @PathVariable UUID projectId, @RequestBody FeatureRow body) {
        service.compare(caller, projectId, body);
    }

    @PostMapping("/variant-parts")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void addPart(Caller caller, @PathVariable UUID projectId, @RequestBody VariantPartRow body) {
        service.addPart(caller, projectId, body);
    }

    @DeleteMapping("/variant-parts/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void dropPart(Caller caller, @PathVariable UUID projectId, @PathVariable UUID id) {
        service.dropPart(caller, projectId, id);
    }
}
