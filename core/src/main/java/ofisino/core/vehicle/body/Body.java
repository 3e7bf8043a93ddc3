package ofisino.core.vehicle.body;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.Layout;

/**
 * The drawing of one body style: its views, and its places with the vehicles that have them. Every place lies on a view. One that lies elsewhere by
 * layout, as a gearbox does, is there once for each under the same id; no vehicle has two of one id.
 */
public record Body(BodyStyle style, List<BodyView> views, List<Placed> placed) {
    /** A zone and on which vehicles it is there. */
    public record Placed(Zone zone, Applies applies) {}

    /** What is drawn of one vehicle. @param others places that only others have: what was found there before somebody saw that has a name */
    public record Drawing(BodyStyle style, List<BodyView> views, List<Zone> zones, List<Zone> others) {}

    public Body {
        views = List.copyOf(views);
        placed = List.copyOf(placed);
        Map<String, List<Applies>> where = new HashMap<>();
        Set<String> viewIds = new HashSet<>(views.stream().map(BodyView::id).toList());
        for (Placed p : placed) {
            List<Applies> others = where.computeIfAbsent(p.zone().id(), id -> new ArrayList<>());
            if (!others.stream().allMatch(p.applies()::excludes))
                throw InvalidValue.of(
                        "body.zone-twice",
                        "The %s drawing has zone %s twice.",
                        "Give one of them another id.",
                        style,
                        p.zone().id());
            others.add(p.applies());
            if (!viewIds.contains(p.zone().view()))
                throw InvalidValue.of(
                        "body.view",
                        "Zone %s of the %s lies on view %s, which is not there.",
                        "Name one of its views.",
                        p.zone().id(),
                        style,
                        p.zone().view());
        }
    }

    /** The same with what lies where this layout has it before what only others have: what was found there stays found. */
    Body of(Layout layout) {
        return new Body(
                style,
                views,
                placed.stream()
                        .sorted(Comparator.comparing(
                                p -> !p.applies().fits().layouts().contains(layout)))
                        .toList());
    }

    /** All that such a body can have, each once. */
    public List<Zone> zones() {
        Map<String, Zone> all = new LinkedHashMap<>();
        for (Placed p : placed) all.putIfAbsent(p.zone().id(), p.zone());
        return List.copyOf(all.values());
    }

    /** Those that this vehicle may have. */
    public List<Zone> zonesOf(Equipment vehicle) {
        return zones(p -> p.applies().to(vehicle));
    }

    private List<Zone> zones(Predicate<Placed> there) {
        return placed.stream().filter(there).map(Placed::zone).toList();
    }

    /** With what is said or usual of it; where nobody knows, with all that it may have. */
    public Drawing drawing(Equipment vehicle) {
        List<Zone> drawn = zones(p -> p.applies().likelyTo(vehicle));
        Set<String> ids = drawn.stream().map(Zone::id).collect(Collectors.toSet());
        return new Drawing(
                style,
                views,
                drawn,
                zones().stream().filter(z -> !ids.contains(z.id())).toList());
    }

    /** Empty where this body has no such place. */
    public Optional<Zone> zone(String id) {
        return placed.stream()
                .map(Placed::zone)
                .filter(zone -> zone.id().equals(id))
                .findFirst();
    }

    /** A zone of the drawing, or the vehicle as a whole. @throws InvalidValue when the body has no such zone */
    public Zone placeOf(String id, VehicleSystem system) {
        return id.equals(Zone.WHOLE) ? Zone.whole(system) : require(id);
    }

    /** @throws InvalidValue when the body has no such zone */
    public Zone require(String id) {
        return zone(id).orElseThrow(() -> InvalidValue.at(
                "zone", "zone.unknown", "There is no zone “%s” on this body.", "Press a zone on the drawing.", id));
    }
}
