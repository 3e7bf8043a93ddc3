package ofisino.core.vehicle.event;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.kernel.Entry;
import ofisino.core.vehicle.check.PlacedCheck;
import ofisino.core.vehicle.finding.SafetyClass;

/** From an event to the checks it calls for, by {@code events.yaml}. Common practice, no source. */
public final class Suspicion {
    /** @param why what the event does there */
    public record Suspect(PlacedCheck check, String why) {}

    /** @param safety least class of what fails there; empty where the check says enough */
    private record Rule(List<String> checks, String why, Optional<SafetyClass> safety) {}

    private final Map<Event, List<Rule>> rules = new EnumMap<>(Event.class);

    private Suspicion(List<Entry> entries) {
        for (Entry e : entries)
            rules.put(
                    e.only("event", "suspects").choice("event", Event.class),
                    e.list("suspects").stream()
                            .map(s -> s.only("checks", "why", "safety"))
                            .map(s -> new Rule(
                                    s.texts("checks"),
                                    s.text("why"),
                                    s.has("safety")
                                            ? Optional.of(s.choice("safety", SafetyClass.class))
                                            : Optional.empty()))
                            .toList());
    }

    /** Reads events.yaml. @throws InvalidValue naming the entry that is wrong */
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

    /** The same checks, each as grave as what happened makes it; nothing gets milder. */
    public List<PlacedCheck> weighed(List<PlacedCheck> vehicle, Collection<Event> happened) {
        Map<String, SafetyClass> atLeast = new HashMap<>();
        for (Event event : happened)
            for (Rule rule : rules.get(event))
                rule.safety().ifPresent(s -> rule.checks().forEach(c -> atLeast.merge(c, s, SafetyClass::graver)));
        if (atLeast.isEmpty()) return vehicle;
        return vehicle.stream()
                .map(c -> Optional.ofNullable(atLeast.get(c.check().id()))
                        .map(c::suspected)
                        .orElse(c))
                .toList();
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
