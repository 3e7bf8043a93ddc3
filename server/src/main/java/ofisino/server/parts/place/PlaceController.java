package ofisino.server.parts.place;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Weekdays;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import ofisino.server.parts.place.PlaceMapper.LabelledRow;
import ofisino.server.parts.place.PlaceMapper.PlaceKind;
import ofisino.server.parts.place.PlaceMapper.PlaceRow;
import ofisino.server.parts.place.PlaceService.PlaceFields;
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
record PlaceController(PlaceService service) {
    /** @param room 1 where nothing is said @param usableOn every day where nothing is said @param within the place that it is in */
    record NewPlaceRequest(
            UUID id,
            String name,
            PlaceKind kind,
            @Nullable Integer room,
            @Nullable Weekdays usableOn,
            @Nullable UUID within) {}

    record PlaceChangeRequest(
            String name,
            PlaceKind kind,
            @Nullable Integer room,
            @Nullable Weekdays usableOn,
            @Nullable UUID within,
            long version) {}

    @GetMapping("/places")
    List<PlaceRow> all(Caller caller) {
        return service.all(caller);
    }

    @PostMapping("/places")
    @ResponseStatus(HttpStatus.CREATED)
    PlaceRow add(Caller caller, @RequestBody NewPlaceRequest body) {
        return service.add(
                caller,
                body.id(),
                new PlaceFields(body.name(), body.kind(), body.room(), body.usableOn(), body.within()));
    }

    @PutMapping("/places/{id}")
    PlaceRow change(Caller caller, @PathVariable UUID id, @RequestBody PlaceChangeRequest body) {
        return service.change(
                caller,
                id,
                new PlaceFields(body.name(), body.kind(), body.room(), body.usableOn(), body.within()),
                body.version());
    }

    /** What a label read from a bag, a shelf or a job sheet belongs to. */
    @GetMapping("/labels/{code}")
    LabelledRow labelled(Caller caller, @PathVariable String code) {
        return service.labelled(caller, code);
    }
}
