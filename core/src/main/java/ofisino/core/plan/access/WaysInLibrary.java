package ofisino.core.plan.access;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Operation;
import ofisino.core.vehicle.equipment.Applies;
import ofisino.core.vehicle.equipment.Equipment;
import ofisino.core.vehicle.equipment.PerVehicle;

/** The ways in that ship with Ofisino by layout, from {@code ways-in.yaml} beside this class, and which of them a job usually needs. */
public final class WaysInLibrary {
    /** @param nearAirbags what may fire is made safe before it is opened */
    private record Line(
            WayIn way, Applies applies, Set<String> zones, Set<Operation> operations, boolean nearAirbags) {}

    private final List<Line> lines;
    private final PerVehicle<WaysIn> byVehicle = new PerVehicle<>();

    private WaysInLibrary(List<Line> lines) {
        this.lines = List.copyOf(lines);
    }

    public static WaysInLibrary load() {
        try (InputStream file = WaysInLibrary.class.getResourceAsStream("ways-in.yaml")) {
            return read(new InputStreamReader(file, StandardCharsets.UTF_8));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    static WaysInLibrary read(Reader yaml) {
        return new WaysInLibrary(Entry.listOf("the ways in", yaml).stream()
                .map(e -> line(e.named("id")))
                .toList());
    }

    private static Line line(Entry e) {
        e.only(Applies.keys(
                "id",
                "name",
                "needs",
                "hours",
                "people",
                "drains",
                "litres",
                "excludes",
                "uses",
                "reaches",
                "touches",
                "cautions",
                "near-airbags",
                "for",
                "operations"));
        List<Double> hours = e.numbers("hours");
        WayIn way = new WayIn(
                e.text("id"),
                e.text("name"),
                new LinkedHashSet<>(e.texts("needs")),
                (int) Math.round(hours.get(0) * 60),
                (int) Math.round(hours.get(1) * 60),
                e.whole("people", 1),
                e.has("drains")
                        ? Optional.of(new WayIn.Drained(e.choice("drains", Circuit.class), e.number("litres")))
                        : Optional.empty(),
                e.choices("excludes", CarState.class, Set.of()),
                e.texts("uses"),
                new LinkedHashSet<>(e.texts("reaches")),
                e.choices("touches", VehicleSystem.class, Set.of()),
                e.choices("cautions", Caution.class, Set.of()));
        return new Line(
                way,
                Applies.of(e),
                new LinkedHashSet<>(e.texts("for")),
                e.choices("operations", Operation.class, Set.of()),
                e.has("near-airbags"));
    }

    /** Zones are named without their side: what is in the way on the left is in the way on the right. */
    public static String sideless(String zone) {
        return zone.replaceFirst("-(left|right)$", "");
    }

    private static final String AIRBAG_SAFE = "airbag-safe";

    /** Those of a vehicle. What may fire is made safe before what lies near it is opened. */
    public WaysIn of(Equipment vehicle) {
        return of(vehicle, Set.of());
    }

    /** @param used ways in that are recorded of it: they stay, whatever is said of its equipment since */
    public WaysIn of(Equipment vehicle, Set<String> used) {
        return byVehicle.of(Set.copyOf(used), vehicle, () -> waysOf(vehicle, used));
    }

    private WaysIn waysOf(Equipment vehicle, Set<String> used) {
        Map<String, Line> there = new LinkedHashMap<>();
        for (Line l : lines)
            if (l.applies().to(vehicle) || used.contains(l.way().id()))
                there.put(l.way().id(), l);
        boolean mayFire = vehicle.mayFire() && there.containsKey(AIRBAG_SAFE);
        return new WaysIn(there.values().stream()
                .map(l -> l.way().needingOnly(there.keySet()))
                .map(w -> mayFire && there.get(w.id()).nearAirbags() ? w.needing(AIRBAG_SAFE) : w)
                .toList());
    }

    /** What a job in a zone usually needs to have open, without what those need themselves. */
    public Set<String> usual(Equipment vehicle, String zone, Operation operation) {
        Set<String> found = new LinkedHashSet<>();
        for (Line l : lines)
            if (l.applies().to(vehicle)
                    && l.zones().contains(sideless(zone))
                    && (l.operations().isEmpty() || l.operations().contains(operation)))
                found.add(l.way().id());
        WaysIn ways = of(vehicle);
        found.removeIf(id -> found.stream().anyMatch(other -> ways.isNeededBy(id, other)));
        return found;
    }
}
