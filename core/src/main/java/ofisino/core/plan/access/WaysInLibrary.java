package ofisino.core.plan.access;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Caution;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.plan.job.Operation;

/** The ways in that ship with Ofisino by layout, from {@code ways-in.yaml} beside this class, and which of them a job usually needs. */
public final class WaysInLibrary {
    /** @param nearAirbags what may fire is made safe before it is opened */
    private record Line(
            WayIn way, Set<Layout> layouts, Set<String> zones, Set<Operation> operations, boolean nearAirbags) {}

    private final List<Line> lines;
    private final Map<Layout, WaysIn> byLayout = new EnumMap<>(Layout.class);

    private WaysInLibrary(List<Line> lines) {
        this.lines = List.copyOf(lines);
        for (Layout layout : Layout.values())
            byLayout.put(
                    layout,
                    new WaysIn(lines.stream()
                            .filter(l -> l.layouts().contains(layout))
                            .map(Line::way)
                            .toList()));
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
        e.only(
                "id",
                "name",
                "layouts",
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
                "operations");
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
                e.choices("layouts", Layout.class, EnumSet.allOf(Layout.class)),
                new LinkedHashSet<>(e.texts("for")),
                e.choices("operations", Operation.class, Set.of()),
                e.has("near-airbags"));
    }

    /** Zones are named without their side: what is in the way on the left is in the way on the right. */
    public static String sideless(String zone) {
        return zone.replaceFirst("-(left|right)$", "");
    }

    private static final String AIRBAG_SAFE = "airbag-safe";

    public WaysIn of(Layout layout) {
        return byLayout.get(layout);
    }

    /** Those of a vehicle on which something may fire: it is made safe before what lies near it is opened. */
    public WaysIn of(Layout layout, boolean mayFire) {
        WaysIn all = of(layout);
        if (!mayFire || !all.has(AIRBAG_SAFE)) return all;
        return all.with(lines.stream()
                .filter(l -> l.nearAirbags() && l.layouts().contains(layout))
                .map(l -> l.way().needing(AIRBAG_SAFE))
                .toList());
    }

    /** What a job in a zone usually needs to have open, without what those need themselves. */
    public Set<String> usual(Layout layout, boolean mayFire, String zone, Operation operation) {
        Set<String> found = new LinkedHashSet<>();
        for (Line l : lines)
            if (l.layouts().contains(layout)
                    && l.zones().contains(sideless(zone))
                    && (l.operations().isEmpty() || l.operations().contains(operation)))
                found.add(l.way().id());
        if (!mayFire) found.remove(AIRBAG_SAFE);
        WaysIn ways = of(layout, mayFire);
        found.removeIf(id -> found.stream().anyMatch(other -> ways.isNeededBy(id, other)));
        return found;
    }
}
