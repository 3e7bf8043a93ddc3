package ofisino.core.vehicle.suspicion;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ofisino.core.kernel.Entry;
import ofisino.core.vehicle.check.PlacedCheck;

/** From an event to the checks it calls for, by {@code events.yaml}. Common practice, no source. */
public final class Suspicion {
    /** @param why what the event does there */
    public record Suspect(PlacedCheck check, String why) {}

    private record Rule(List<String> checks, String why) {}

    private final Map<Event, List<Rule>> rules = new EnumMap<>(Event.class);

    private Suspicion(List<Entry> entries) {
        for (Entry e : entries)
            rules.put(
                    e.only("event", "suspects").choice("event", Event.class),
                    e.list("suspects").stream()
                            .map(s -> s.only("checks", "why"))
                            .map(s -> new Rule(s.texts("checks"), s.text("why")))
                            .toList());
    }

    public static Suspicion load() {
        try (InputStream file = Suspicion.class.getResourceAsStream("events.yaml")) {
            return new Suspicion(Entry.listOf("the events", new InputStreamReader(file, StandardCharsets.UTF_8)));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Ids of all checks that an event names, whatever the vehicle. */
    public List<String> checksOf(Event event) {
        return rules.get(event).stream().flatMap(r -> r.checks().stream()).toList();
    }

    /** The checks of this vehicle that the event calls for, in walking order. */
    public List<Suspect> of(Event event, List<PlacedCheck> vehicle) {
        return vehicle.stream()
                .flatMap(placed -> rules.get(event).stream()
                        .filter(r -> r.checks().contains(placed.check().id()))
                        .map(r -> new Suspect(placed, r.why())))
                .toList();
    }
}
