package ofisino.core.vehicle.body;

import java.io.Reader;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Side;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.BodyStyle;
import ofisino.core.vehicle.HowSeen;
import ofisino.core.vehicle.body.Body.Placed;
import ofisino.core.vehicle.equipment.Applies;

/** Reads the drawing of a body from its YAML file; {@code estate.yaml} explains the keys. */
final class BodyReader {
    private final Function<BodyStyle, Body> others;
    private final List<BodyView> views = new ArrayList<>();
    private final List<Placed> placed = new ArrayList<>();

    private BodyReader(Function<BodyStyle, Body> others) {
        this.others = others;
    }

    /**
     * @param others the drawings that this one may take views from
     * @throws InvalidValue when the file is not a drawing, naming what is wrong
     */
    public static Body read(Reader yaml, Function<BodyStyle, Body> others) {
        Entry file = Entry.of("the drawing", yaml).only("style", "views");
        var reader = new BodyReader(others);
        for (Entry view : file.list("views")) reader.add(view.named("id"));
        return new Body(file.choice("style", BodyStyle.class), reader.views, reader.placed);
    }

    private void add(Entry view) {
        if (view.has("mirrorOf")) addMirrored(view);
        else if (view.has("of")) addTaken(view);
        else addOwn(view);
    }

    private void addOwn(Entry view) {
        view.only("id", "name", "column", "row", "width", "height", "details", "zones");
        views.add(new BodyView(
                view.text("id"),
                view.text("name"),
                view.whole("column"),
                view.whole("row"),
                view.number("width"),
                view.number("height"),
                false,
                view.texts("details")));
        addZones(view);
    }

    private void addZones(Entry view) {
        for (Entry zone : view.list("zones")) placed.add(zone(view.text("id"), zone.named("id")));
    }

    /** A view of another body, less some of its zones and with some of its own. */
    private void addTaken(Entry view) {
        view.only("id", "of", "without", "zones");
        String id = view.text("id");
        Body other = others.apply(view.choice("of", BodyStyle.class));
        views.add(other.views().stream()
                .filter(v -> v.id().equals(id))
                .findFirst()
                .orElseThrow(() -> InvalidValue.of(
                        "body.of", "The %s has no view %s.", "Name a view that it has.", other.style(), id)));
        List<String> without = view.texts("without");
        for (String gone : without) other.require(gone);
        placed.addAll(other.placed().stream()
                .filter(p ->
                        p.zone().view().equals(id) && !without.contains(p.zone().id()))
                .toList());
        addZones(view);
    }

    /** What has a side appears on the other side; what has none is drawn there but pressed on the first view only. */
    private void addMirrored(Entry view) {
        view.only("id", "name", "column", "row", "mirrorOf", "zones");
        String id = view.text("id");
        String of = view.text("mirrorOf");
        BodyView original = views.stream()
                .filter(v -> v.id().equals(of))
                .findFirst()
                .orElseThrow(() -> InvalidValue.of(
                        "body.mirror",
                        "View %s mirrors %s, which is not defined above it.",
                        "Put that one first.",
                        id,
                        of));
        List<Placed> there =
                placed.stream().filter(p -> p.zone().view().equals(of)).toList();
        List<String> details = new ArrayList<>(original.details());
        there.stream()
                .map(Placed::zone)
                .filter(z -> z.side() == Side.NONE)
                .map(Zone::outline)
                .forEach(details::add);
        views.add(new BodyView(
                id,
                view.text("name"),
                view.whole("column"),
                view.whole("row"),
                original.width(),
                original.height(),
                true,
                details));
        there.stream()
                .filter(p -> p.zone().side() != Side.NONE)
                .map(p -> mirrored(p, id, original))
                .forEach(placed::add);
        for (Entry zone : view.list("zones")) placed.add(mirrored(zone(id, zone.named("id")), id, original));
    }

    private static Placed mirrored(Placed p, String view, BodyView original) {
        return new Placed(p.zone().mirrored(view, original.width()), p.applies());
    }

    private static Placed zone(String view, Entry zone) {
        zone.only(Applies.keys("id", "name", "side", "system", "outline", "mark", "flags", "seen"));
        List<Double> mark = zone.numbers("mark");
        Zone drawn = new Zone(
                zone.text("id"),
                zone.text("name"),
                zone.choice("side", Side.class, Side.NONE),
                zone.choice("system", VehicleSystem.class),
                view,
                zone.text("outline"),
                mark.get(0),
                mark.get(1),
                zone.choices("flags", Zone.Flag.class, Set.of()),
                zone.choice("seen", HowSeen.class, HowSeen.WALKED_ROUND));
        return new Placed(drawn, Applies.of(zone));
    }
}
