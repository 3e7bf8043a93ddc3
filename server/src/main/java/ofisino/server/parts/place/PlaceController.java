package ofisino.server.parts.place;

import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;
import ofisino.server.parts.place.PlaceMapper.Kind;
import ofisino.server.parts.place.PlaceMapper.LabelledRow;
import ofisino.server.parts.place.PlaceMapper.PlaceRow;
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
@RequestMapping("/api")
class PlaceController {
    private final PlaceService service;

    PlaceController(PlaceService service) {
        this.service = service;
    }

    record NewPlaceRequest(UUID id, String name, Kind kind) {}

    record PlaceChangeRequest(String name, Kind kind, long version) {}

    @GetMapping("/places")
    List<PlaceRow> all(Caller caller) {
        return service.all(caller);
    }

    @PostMapping("/places")
    @ResponseStatus(HttpStatus.CREATED)
    PlaceRow add(Caller caller, @RequestBody NewPlaceRequest body) {
        return service.add(caller, body.id(), body.name(), body.kind());
    }

    @PutMapping("/places/{id}")
    PlaceRow change(Caller caller, @PathVariable UUID id, @RequestBody PlaceChangeRequest body) {
        return service.change(caller, id, body.name(), body.kind(), body.version());
    }

    /** What a label read from a bag, a shelf or a job sheet belongs to. */
    @GetMapping("/labels/{code}")
    LabelledRow labelled(Caller caller, @PathVariable String code) {
        return service.labelled(caller, code);
    }
}
