package ofisino.server.parts.place;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.SpeakableCode;
import ofisino.core.kernel.Texts;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.place.PlaceMapper.Kind;
import ofisino.server.parts.place.PlaceMapper.LabelledRow;
import ofisino.server.parts.place.PlaceMapper.PlaceRow;
import org.springframework.stereotype.Service;

/** Shelves, benches, boxes and bags, each with a code to write on it. */
@Service
class PlaceService {
    private final PlaceMapper mapper;
    private final Garages garages;

    PlaceService(PlaceMapper mapper, Garages garages) {
        this.mapper = mapper;
        this.garages = garages;
    }

    List<PlaceRow> all(Caller caller) {
        return mapper.all(caller.garageId());
    }

    PlaceRow add(Caller caller, UUID id, String name, Kind kind) {
        mapper.insert(
                caller.garageId(),
                new PlaceRow(id, garages.nextLabel(caller).value(), Texts.line("name", name), kind, 0, 0));
        return find(caller, id);
    }

    PlaceRow change(Caller caller, UUID id, String name, Kind kind, long version) {
        PlaceRow stored = find(caller, id);
        Stored.notStale(
                mapper.update(
                        caller.garageId(), new PlaceRow(id, stored.code(), Texts.line("name", name), kind, 0, version)),
                "place",
                () -> find(caller, id));
        return find(caller, id);
    }

    private PlaceRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "place", id);
    }

    LabelledRow labelled(Caller caller, String code) {
        String read = new SpeakableCode(code).value();
        return Stored.require(mapper.labelled(caller.garageId(), read).stream().findFirst(), "label", read);
    }
}
