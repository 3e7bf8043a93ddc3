package ofisino.core.vehicle.reading;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.Source;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.inspection.FindingKind;
import ofisino.core.vehicle.inspection.SafetyClass;

/** The limits that ship with Ofisino, from {@code limits.yaml}, which explains its keys. */
public final class Limits {
    private final Map<String, Limit> byId = new LinkedHashMap<>();

    private Limits(List<Limit> limits) {
        for (Limit limit : limits)
            if (byId.put(limit.id(), limit) != null)
                throw new InvalidValue("limit.twice", "There is limit %s twice.".formatted(limit.id()));
    }

    public static Limits load() {
        try (InputStream file = Limits.class.getResourceAsStream("limits.yaml")) {
            return read(new InputStreamReader(file, StandardCharsets.UTF_8));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    static Limits read(Reader yaml) {
        return new Limits(Entry.listOf("the limits", yaml).stream()
                .map(e -> limit(e.named("id")))
                .toList());
    }

    private static Limit limit(Entry e) {
        e.only(
                "id",
                "name",
                "unit",
                "min",
                "max",
                "watch",
                "asked",
                "resolution",
                "maker",
                "derived",
                "read-in",
                "up-to",
                "critical",
                "system",
                "outside",
                "kind",
                "good-for",
                "needed",
                "source",
                "year",
                "place");
        List<Double> asked = e.numbers("asked");
        Unit unit = e.choice("unit", Unit.class);
        return new Limit(
                e.text("id"),
                e.text("name"),
                unit,
                bound(e, "min"),
                bound(e, "max"),
                e.has("watch") ? e.number("watch") : 0,
                asked.get(0),
                asked.get(1),
                e.number("resolution"),
                e.has("maker"),
                e.has("derived") ? Optional.of(e.choice("derived", Derived.class)) : Optional.empty(),
                e.choice("read-in", Unit.class, unit),
                e.has("up-to") ? e.number("up-to") : asked.get(1),
                e.has("critical"),
                e.choice("system", VehicleSystem.class),
                e.choice("outside", SafetyClass.class),
                e.choice("kind", FindingKind.class),
                e.whole("good-for", 0),
                e.has("needed"),
                Source.fromMemory(e.text("source"), e.text("year", ""), e.text("place", "")));
    }

    private static OptionalDouble bound(Entry e, String key) {
        return e.has(key) ? OptionalDouble.of(e.number(key)) : OptionalDouble.empty();
    }

    public Collection<Limit> all() {
        return List.copyOf(byId.values());
    }

    /** @throws InvalidValue when nothing is known by this name */
    public Limit require(String id) {
        Limit limit = byId.get(id);
        if (limit == null)
            throw InvalidValue.of(
                    "limit", "limit.unknown", "There is no limit “%s”. Choose what was measured.".formatted(id));
        return limit;
    }
}
