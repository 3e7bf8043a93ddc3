package ofisino.core.vehicle.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Whether what must not be misread was read by two people, and whether they agree: within the coarsest step that can still decide the limit.
 * One person's reading may raise a finding and never clear one. Common practice, no source.
 */
public enum SecondMeasurer {
    NOT_WANTED,
    AGREES,
    WANTED,
    DISAGREES;

    /** @param measurer who read it; their last reading at a spot counts @param value in the unit that the limit is read in */
    public record Taken(String spot, String measurer, double value) {}

    /** The worst of all spots. */
    public static SecondMeasurer of(Limit limit, List<Taken> taken) {
        if (!limit.critical() || taken.isEmpty()) return NOT_WANTED;
        Map<String, Map<String, Double>> bySpot = new LinkedHashMap<>();
        for (Taken t : taken)
            bySpot.computeIfAbsent(t.spot(), spot -> new HashMap<>()).put(t.measurer(), t.value());
        SecondMeasurer worst = AGREES;
        for (Map<String, Double> people : bySpot.values()) {
            SecondMeasurer here = atOneSpot(limit, new ArrayList<>(people.values()));
            if (here.compareTo(worst) > 0) worst = here;
        }
        return worst;
    }

    private static SecondMeasurer atOneSpot(Limit limit, List<Double> values) {
        if (values.size() < 2) return WANTED;
        var all = values.stream().mapToDouble(Double::doubleValue).summaryStatistics();
        boolean share = limit.unit() == Unit.PERCENT && limit.readIn() != Unit.PERCENT;
        double step = share ? all.getMax() * limit.resolution() / 100 : limit.resolution();
        return all.getMax() - all.getMin() <= step * (1 + 1e-9) ? AGREES : DISAGREES;
    }

    /** Whether the readings may speak for sound. */
    public boolean isEnough() {
        return this == NOT_WANTED || this == AGREES;
    }
}
