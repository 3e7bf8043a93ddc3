package ofisino.core.vehicle.body;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.vehicle.equipment.Equipment;

/** What lies beside and behind a place of sheet metal, from {@code nearby.yaml}: what heat and sparks reach. Common practice, no source. */
public final class Nearby {
    /** @param neighbours joined to it or within a hand's breadth @param behind on the other side of the metal */
    public record Around(Set<String> neighbours, Set<String> behind) {
        public Around {
            neighbours = Set.copyOf(neighbours);
            behind = Set.copyOf(behind);
        }

        /** Both. */
        public Set<String> near() {
            Set<String> all = new LinkedHashSet<>(neighbours);
            all.addAll(behind);
            return all;
        }
    }

    private static final String TANK_PLACE = "tank-place";
    private static final String TANK = "fuel-tank";
    private static final Around NOTHING = new Around(Set.of(), Set.of());

    private final Map<String, Around> byPlace = new LinkedHashMap<>();
    /** By where the tank is, the places that have it behind them. */
    private final Map<String, Set<String>> beforeTank;

    /** Neighbours are said once: each is the other's. */
    private Nearby(Map<String, Around> said, Map<String, Set<String>> beforeTank) {
        this.beforeTank = Map.copyOf(beforeTank);
        said.forEach((place, around) -> {
            Set<String> neighbours = new LinkedHashSet<>(around.neighbours());
            said.forEach((other, its) -> {
                if (its.neighbours().contains(place)) neighbours.add(other);
            });
            byPlace.put(place, new Around(neighbours, around.behind()));
        });
    }

    /** Reads nearby.yaml. @throws InvalidValue naming the entry that is wrong */
    public static Nearby load() {
        try (InputStream file = Nearby.class.getResourceAsStream("nearby.yaml")) {
            Map<String, Around> said = new LinkedHashMap<>();
            Map<String, Set<String>> beforeTank = new LinkedHashMap<>();
            for (Entry entry : Entry.listOf("what is nearby", new InputStreamReader(file, StandardCharsets.UTF_8))) {
                if (entry.has("tank")) {
                    entry.only("tank", "before");
                    beforeTank.put(entry.text("tank"), Set.copyOf(entry.texts("before")));
                    continue;
                }
                Entry e = entry.named("place").only("place", "neighbours", "behind");
                said.put(e.text("place"), new Around(Set.copyOf(e.texts("neighbours")), Set.copyOf(e.texts("behind"))));
            }
            return new Nearby(said, beforeTank);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Those of which neighbours are known. */
    public Set<String> places() {
        return byPlace.keySet();
    }

    /** Around a zone's {@link Zone#place}; nothing where nothing is known. */
    public Around of(String place) {
        return byPlace.getOrDefault(place, NOTHING);
    }

    /** All that heat and sparks may reach from a place of this vehicle: the tank where it may be. */
    public Set<String> near(String place, Equipment vehicle) {
        Set<String> all = new LinkedHashSet<>(of(place).near());
        beforeTank.forEach((where, before) -> {
            if (before.contains(place) && vehicle.mayHave(TANK_PLACE, Set.of(where))) all.add(TANK);
        });
        return all;
    }
}
