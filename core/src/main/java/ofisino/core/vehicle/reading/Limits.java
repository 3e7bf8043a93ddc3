package ofisino.core.vehicle.reading;

import java.io.Reader;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.PerVehicle;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;

/** The limits that ship with Ofisino, from {@code limits.yaml}, which explains its keys. */
public final class Limits {
    /** @param limit with the first of its figures; of the maker where it has none */
    private record Shipped(Limit limit, List<Figure> figures) {}

    private final Map<String, Shipped> byId = new LinkedHashMap<>();
    private final PerVehicle<Map<String, Limit>> byVehicle = new PerVehicle<>();

    private Limits(List<Shipped> limits) {
        for (Shipped s : limits)
            if (byId.put(s.limit().id(), s) != null)
                throw InvalidValue.of(
                        "limit.twice",
                        "There is limit %s twice.",
                        "Give one of them another id.",
                        s.limit().id());
    }

    /** Reads limits.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Limits load() {
        return Entry.readBeside(Limits.class, "limits.yaml", Limits::read);
    }

    static Limits read(Reader yaml) {
        return new Limits(Entry.listOf("the limits", yaml).stream()
                .map(e -> shipped(e.named("id")))
                .toList());
    }

    private static Shipped shipped(Entry e) {
        e.only(
                "id",
                "name",
                "unit",
                "min",
                "max",
                "watch",
                "source",
                "year",
                "place",
                "figures",
                "asked",
                "resolution",
                "maker",
                "derived",
                "read-in",
                "up-to",
                "pairs",
                "grave-beyond",
                "graver",
                "adjustable",
                "critical",
                "system",
                "outside",
                "kind",
                "good-for",
                "needed");
        List<Figure> figures = e.has("figures")
                ? e.list("figures").stream()
                        .map(f -> Figure.of(f.only(Applies.keys(Figure.KEYS))))
                        .toList()
                : List.of(Figure.of(e));
        List<Double> asked = e.numbers("asked");
        Unit unit = e.choice("unit", Unit.class);
        Figure first = figures.get(0);
        return new Shipped(
                new Limit(
                        e.text("id"),
                        e.text("name"),
                        unit,
                        first.min(),
                        first.max(),
                        first.watch(),
                        asked.get(0),
                        asked.get(1),
                        e.number("resolution"),
                        e.has("maker"),
                        e.has("derived") ? Optional.of(e.choice("derived", Derived.class)) : Optional.empty(),
                        e.choice("read-in", Unit.class, unit),
                        e.has("up-to") ? e.number("up-to") : asked.get(1),
                        e.texts("pairs"),
                        e.has("graver")
                                ? Optional.of(new Limit.Graver(
                                        e.number("grave-beyond"), e.choice("graver", SafetyClass.class)))
                                : Optional.empty(),
                        e.has("adjustable"),
                        e.has("critical"),
                        e.choice("system", VehicleSystem.class),
                        e.choice("outside", SafetyClass.class),
                        e.choice("kind", FindingKind.class),
                        e.whole("good-for", 0),
                        e.has("needed"),
                        first.source(),
                        List.of(),
                        Set.of()),
                figures);
    }

    /** Those of a vehicle, by its age, kind and what it may have. */
    public Collection<Limit> of(Equipment vehicle) {
        return resolved(vehicle).values();
    }

    /** Of a vehicle that none of its figures is for, only its maker's own decides. @throws InvalidValue when nothing is known by this name */
    public Limit require(String id, Equipment vehicle) {
        require(id);
        return resolved(vehicle).get(id);
    }

    private Map<String, Limit> resolved(Equipment vehicle) {
        return byVehicle.of("", vehicle, () -> {
            Map<String, Limit> all = new LinkedHashMap<>();
            byId.forEach((id, shipped) -> all.put(id, resolve(shipped, vehicle)));
            return all;
        });
    }

    /**
     * The first figure that fits decides; where one that stands before it may fit too, once somebody says what the vehicle has, they both count until
     * then.
     */
    private static Limit resolve(Shipped shipped, Equipment vehicle) {
        List<Figure> possible = new ArrayList<>();
        Set<String> asks = new LinkedHashSet<>();
        for (Figure f : shipped.figures()) {
            if (!f.applies().to(vehicle)) continue;
            possible.add(f);
            if (f.applies().having().isSurelyOn(vehicle)) break;
            asks.addAll(f.applies().having().items());
        }
        if (possible.isEmpty()) return shipped.limit().ofTheMakerOnly();
        return shipped.limit()
                .with(
                        possible.get(0),
                        possible.stream()
                                .skip(1)
                                .map(f -> shipped.limit().with(f, List.of(), Set.of()))
                                .toList(),
                        possible.size() > 1 ? asks : Set.of());
    }

    /** What such a limit is about, whatever its figure. */
    public Collection<Limit> all() {
        return byId.values().stream().map(Shipped::limit).toList();
    }

    /** What the limit is about, whatever its figure. @throws InvalidValue when nothing is known by this name */
    public Limit require(String id) {
        Shipped shipped = byId.get(id);
        if (shipped == null)
            throw InvalidValue.at("limit", "limit.unknown", "There is no limit “%s”.", "Choose what was measured.", id);
        return shipped.limit();
    }
}
