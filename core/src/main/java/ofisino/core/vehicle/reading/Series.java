package ofisino.core.vehicle.reading;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ofisino.core.vehicle.reading.Verdict.JudgedBecause;
import ofisino.core.vehicle.reading.Verdict.Outcome;

/** The last reading at each spot of one place, judged by one limit: four cylinders, nine points of a door. */
public final class Series {
    private static final Comparator<Judged> WORST = Comparator.comparingInt((Judged j) -> gravity(j.verdict()))
            .thenComparing(j -> -j.verdict().margin());

    private Series() {}

    /**
     * @param value   what was compared: the reading that decides, or what was derived from all; in the limit's unit
     * @param verdict the worst of all readings, or that of what is derived from them
     */
    public record Judged(double value, Verdict verdict) {
        /** By how much it is to be set or worked to lie within; empty where it lies within, or is not mended so. */
        public Optional<Rework> rework() {
            return verdict.raises() && verdict.limit().adjustable()
                    ? Rework.of(value, verdict.limit().min(), verdict.limit().max())
                    : Optional.empty();
        }
    }

    /**
     * The worst of each pair, of which each is judged by itself; as one where the limit has no pairs.
     *
     * @param bySpot by the name of the spot
     * @return empty while a pair is not complete, unless another one is outside: one axle says nothing of the other
     */
    public static Optional<Judged> judge(Map<String, Reading> bySpot, Limit limit) {
        Map<String, List<Reading>> pairs = bySpot.entrySet().stream()
                .collect(Collectors.groupingBy(
                        e -> limit.pairOf(e.getKey()),
                        LinkedHashMap::new,
                        Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
        Optional<Judged> worst = pairs.values().stream()
                .flatMap(pair -> judge(pair, limit).stream())
                .max(WORST);
        boolean complete = limit.pairs().stream()
                .allMatch(p -> pairs.getOrDefault(p, List.of()).size() > 1);
        return worst.filter(j -> complete || j.verdict().raises());
    }

    /** @return empty while there are too few readings to compare */
    public static Optional<Judged> judge(List<Reading> readings, Limit limit) {
        if (limit.derived().isEmpty())
            return readings.stream()
                    .map(r -> new Judged(r.unit().convert(r.value(), limit.unit()), Judge.judge(r, limit)))
                    .max(WORST);
        if (readings.size() < 2) return Optional.empty();
        Derived derived = limit.derived().get();
        List<Double> values = readings.stream()
                .map(r -> r.unit().convert(r.value(), limit.readIn()))
                .toList();
        if (values.stream().anyMatch(v -> !limit.canBeRead(v))) return notJudged(JudgedBecause.ASK_AGAIN, limit);
        if (!readings.stream().allMatch(Reading::canBeShown)) return notJudged(JudgedBecause.INSTRUMENT_RANGE, limit);
        double highest = values.stream().mapToDouble(v -> v).max().orElseThrow();
        double coarsest = derived == Derived.DIFFERENCE ? limit.resolution() : highest * limit.resolution() / 100;
        if (readings.stream()
                .flatMap(r -> r.instrument().stream())
                .anyMatch(i -> Judge.isTooCoarse(i.step(limit.readIn()), coarsest)))
            return notJudged(JudgedBecause.INSTRUMENT_RESOLUTION, limit);
        double value = derived.of(values);
        return Optional.of(new Judged(value, Judge.judge(new Reading(value, limit.unit(), Optional.empty()), limit)));
    }

    private static Optional<Judged> notJudged(JudgedBecause why, Limit limit) {
        return Optional.of(new Judged(0, new Verdict(Outcome.NOT_JUDGED, why, 0, limit)));
    }

    private static int gravity(Verdict verdict) {
        return switch (verdict.outcome()) {
            case OUTSIDE -> 3;
            case NOT_JUDGED -> 2;
            case WATCH -> 1;
            case WITHIN -> 0;
        };
    }
}
