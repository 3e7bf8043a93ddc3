package ofisino.core.vehicle.estimate;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.estimate.Hands.HandsBecause;
import ofisino.core.vehicle.finding.FindingKind;
import ofisino.core.vehicle.finding.SafetyClass;

/** What speaks for a specialist, as {@code estimates.yaml} has it. Common practice, no source. */
final class HandsRules {
    /** What is left empty in the file is any. */
    private record Line(
            HandsBecause because,
            int points,
            Set<FindingKind> kinds,
            Set<VehicleSystem> systems,
            Set<SafetyClass> classes) {
        boolean speaks(FindingKind kind, VehicleSystem system, SafetyClass safety) {
            return kinds.contains(kind) && systems.contains(system) && classes.contains(safety);
        }
    }

    private final int specialistFrom;
    private final List<Line> lines = new ArrayList<>();

    HandsRules(Entry file) {
        specialistFrom = file.whole("specialist-from");
        for (Entry e : file.list("hands")) {
            e.only("because", "points", "kinds", "systems", "classes");
            lines.add(new Line(
                    e.choice("because", HandsBecause.class),
                    e.whole("points"),
                    e.choices("kinds", FindingKind.class, EnumSet.allOf(FindingKind.class)),
                    e.choices("systems", VehicleSystem.class, EnumSet.allOf(VehicleSystem.class)),
                    e.choices("classes", SafetyClass.class, EnumSet.allOf(SafetyClass.class))));
        }
    }

    Hands of(FindingKind kind, VehicleSystem system, SafetyClass safety) {
        Map<HandsBecause, Integer> points = new EnumMap<>(HandsBecause.class);
        for (Line line : lines) if (line.speaks(kind, system, safety)) points.put(line.because(), line.points());
        int sum = points.values().stream().mapToInt(Integer::intValue).sum();
        return new Hands(sum >= specialistFrom, List.copyOf(points.keySet()));
    }
}
