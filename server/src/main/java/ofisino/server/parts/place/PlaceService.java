package ofisino.server.parts.place;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.SpeakableCode;
import ofisino.core.kernel.Texts;
import ofisino.core.kernel.Weekdays;
import ofisino.core.parts.place.PlaceTree;
import ofisino.core.parts.place.Room;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import ofisino.server.parts.Places;
import ofisino.server.parts.place.PlaceMapper.LabelledRow;
import ofisino.server.parts.place.PlaceMapper.PlaceKind;
import ofisino.server.parts.place.PlaceMapper.PlaceRow;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Shelves, benches, boxes and bags, each with a code to write on it. */
@Service
record PlaceService(PlaceMapper mapper, Garages garages) implements Places {
    record PlaceFields(
            String name,
            PlaceKind kind,
            @Nullable Integer room,
            @Nullable Weekdays usableOn,
            @Nullable UUID within) {}

    List<PlaceRow> all(Caller caller) {
        return mapper.all(caller.garageId());
    }

    PlaceRow add(Caller caller, UUID id, PlaceFields fields) {
        mapper.insert(
                caller.garageId(), checked(caller, id, garages.nextLabel(caller).value(), fields, 0));
        return find(caller, id);
    }

    PlaceRow change(Caller caller, UUID id, PlaceFields fields, long version) {
        PlaceRow stored = find(caller, id);
        Stored.notStale(
                mapper.update(caller.garageId(), checked(caller, id, stored.code(), fields, version)),
                "place",
                () -> find(caller, id));
        return find(caller, id);
    }

    private PlaceRow checked(Caller caller, UUID id, String code, PlaceFields f, long version) {
        Map<UUID, Optional<UUID>> outer =
                all(caller).stream().collect(Collectors.toMap(PlaceRow::id, p -> Optional.ofNullable(p.within())));
        PlaceTree.mustNotBeInItself(id, Optional.ofNullable(f.within()), outer);
        Room room = f.room() == null ? Room.ONE : new Room(f.room());
        return new PlaceRow(
                id,
                code,
                Texts.line("name", f.name()),
                f.kind(),
                room.jobs(),
                f.usableOn() == null ? Weekdays.ALL : f.usableOn(),
                f.within(),
                0,
                version);
    }

    @Override
    public List<WorkPlace> toWorkIn(Caller caller) {
        return all(caller).stream()
                .filter(PlaceRow::isToWorkIn)
                .map(p -> new WorkPlace(p.id(), p.name(), p.room(), p.usableOn(), p.kind() == PlaceKind.AWAY))
                .toList();
    }

    @Override
    public void make(Caller caller, UUID id, String name) {
        add(caller, id, new PlaceFields(name, PlaceKind.SHELF, null, null, null));
    }

    private PlaceRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "place", id);
    }

    LabelledRow labelled(Caller caller, String code) {
        String read = new SpeakableCode(code).value();
        return Stored.require(mapper.labelled(caller.garageId(), read).stream().findFirst(), "label", read);
    }
}
