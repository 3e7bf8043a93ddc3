package ofisino.server.vehicle.review;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.UUID;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;
import ofisino.server.attachments.Pictures.Picture;
import ofisino.server.identity.WithoutSignIn;
import ofisino.server.vehicle.review.RemarkMapper.RemarkFields;
import ofisino.server.vehicle.review.RemarkMapper.RemarkRow;
import ofisino.server.vehicle.review.RemarkMapper.State;
import ofisino.server.vehicle.review.ReviewService.Shown;
import ofisino.server.vehicle.review.ReviewService.ShownFinding;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The outsider's side, without sign-in: findings and photos, no money, no decisions, no names. */
@RestController
@WithoutSignIn
@RequestMapping("/api/review")
record OutsiderController(ReviewService service) {
    static final String TOKEN = "Review-Token";

    record ShownFindingResponse(
            UUID id,
            String zone,
            @Nullable String thing,
            FindingKind kind,
            int severity,
            SafetyClass safetyClass,
            HowSeen howSeen,
            boolean covered,
            String note,
            List<UUID> photos) {
        static ShownFindingResponse of(ShownFinding s) {
            return new ShownFindingResponse(
                    s.finding().id(),
                    s.finding().zone(),
                    s.thing().orElse(null),
                    s.finding().kind(),
                    s.finding().severity().value().grade(),
                    s.finding().safetyClass(),
                    s.finding().howSeen().value(),
                    s.finding().seen().covered(),
                    s.finding().seen().note(),
                    s.pictures());
        }
    }

    record OwnRemarkResponse(
            UUID id, State state, @JsonUnwrapped RemarkFields said) {
        static OwnRemarkResponse of(RemarkRow r) {
            return new OwnRemarkResponse(r.id(), r.state(), r.said());
        }
    }

    record ReviewResponse(
            String vehicleName,
            int builtYear,
            @Nullable UUID picture,
            Body.Drawing drawing,
            List<ShownFindingResponse> findings,
            List<OwnRemarkResponse> remarks) {
        static ReviewResponse of(Shown s) {
            return new ReviewResponse(
                    s.project().vehicleName(),
                    s.project().builtYear(),
                    s.picture().orElse(null),
                    s.drawing(),
                    s.findings().stream().map(ShownFindingResponse::of).toList(),
                    s.remarks().stream().map(OwnRemarkResponse::of).toList());
        }
    }

    record NewRemarkRequest(UUID id, @JsonUnwrapped RemarkFields said) {}

    @GetMapping
    ReviewResponse show(@RequestHeader(TOKEN) String token) {
        return ReviewResponse.of(service.show(token));
    }

    /** The picture of the vehicle itself. */
    @GetMapping("/picture/{id}")
    ResponseEntity<Resource> picture(@RequestHeader(TOKEN) String token, @PathVariable UUID id) {
        return sent(service.pictureOfVehicle(token, id));
    }

    @GetMapping("/photos/{findingId}/{id}")
    ResponseEntity<Resource> picture(
            @RequestHeader(TOKEN) String token, @PathVariable UUID findingId, @PathVariable UUID id) {
        return sent(service.picture(token, findingId, id));
    }

    private static ResponseEntity<Resource> sent(Picture picture) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(picture.mediaType()))
                .cacheControl(CacheControl.noStore())
                .body(new FileSystemResource(picture.file()));
    }

    @PostMapping("/remarks")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remark(@RequestHeader(TOKEN) String token, @RequestBody NewRemarkRequest body) {
        service.remark(token, body.id(), body.said());
    }
}
