package ofisino.core.vehicle.body;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;

/** The drawing of one body style: its views and zones. Zone ids are unique; every zone lies on a view. */
public record Body(BodyStyle style, List<BodyView> views, List<Zone> zones) {
    public Body {
        views = List.copyOf(views);
        zones = List.copyOf(zones);
        Set<String> ids = new HashSet<>();
        Set<String> viewIds = new HashSet<>(views.stream().map(BodyView::id).toList());
        for (Zone zone : zones) {
            if (!ids.add(zone.id()))
                throw new InvalidValue(
                        "body.zone-twice", "The %s drawing has zone %s twice.".formatted(style, zone.id()));
            if (!viewIds.contains(zone.view()))
                throw new InvalidValue(
                        "body.view",
                        "Zone %s of the %s lies on no view (%s).".formatted(zone.id(), style, zone.view()));
        }
    }

    public Optional<Zone> zone(String id) {
        return zones.stream().filter(zone -> zone.id().equals(id)).findFirst();
    }

    /** A zone of the drawing, or the vehicle as a whole. @throws InvalidValue when the body has no such zone */
    public Zone placeOf(String id, VehicleSystem system) {
        return id.equals(Zone.WHOLE) ? Zone.whole(system) : require(id);
    }

    /** @throws InvalidValue when the body has no such zone */
    public Zone require(String id) {
        return zone(id).orElseThrow(() -> InvalidValue.of(
                "zone",
                "zone.unknown",
                "There is no zone “%s” on this body. Press a zone on the drawing.".formatted(id)));
    }
}
