package ofisino.core.money.forecast;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.money.forecast.ForecastPart.ForecastKind;

/**
 * What the whole was thought to cost on a day, in minor units of the base currency.
 *
 * @param lowMinor  in one of ten draws it costs no more
 * @param highMinor in nine of ten no more
 */
public record KeptForecast(LocalDate on, long lowMinor, long highMinor, List<KeptLine> lines) {
    private static final Set<ForecastKind> FROM_FINDINGS = Set.of(ForecastKind.UNPRICED, ForecastKind.UNDECIDED);

    /** One line as it was then. @param about as of the part of a forecast @param minor what was expected of it */
    public record KeptLine(ForecastKind kind, String about, long minor) {}

    /** Why the whole changed. */
    public enum GrowthCause {
        /** Findings that nobody had before. */
        FOUND,
        /** Bought or priced, against what was thought of it; a finding that was valued anew. */
        BOUGHT,
        /** Places that were seen, or are seen less sure. */
        UNSEEN,
        /** What always comes on top. */
        EXTRAS,
        /** What runs with the calendar. */
        RUNNING
    }

    public KeptForecast {
        lines = List.copyOf(lines);
        if (lowMinor > highMinor)
            throw InvalidValue.of("kept-forecast.ends", "%d is above %d.", "Swap the ends.", lowMinor, highMinor);
    }

    /** Of a forecast as it is. */
    public static KeptForecast of(LocalDate on, Forecast forecast, long lowMinor, long highMinor) {
        return new KeptForecast(
                on,
                lowMinor,
                highMinor,
                forecast.parts().stream()
                        .map(p -> new KeptLine(p.kind(), p.about(), p.cost().expectedMinor()))
                        .toList());
    }

    /** The expected final cost: always the sum of the lines. */
    public long expectedMinor() {
        return sum(l -> true);
    }

    /** Why this one is another than one before it. The causes sum to the difference; those of 0 are left out. */
    public Map<GrowthCause, Long> since(KeptForecast before) {
        Set<String> known = before.findings();
        long found = sum(l -> isFinding(l) && !known.contains(l.about()));
        long findingsAsKnown =
                sum(l -> isFinding(l) && known.contains(l.about())) - before.sum(KeptForecast::isFinding);
        Map<GrowthCause, Long> why = new EnumMap<>(GrowthCause.class);
        why.put(GrowthCause.FOUND, found);
        why.put(
                GrowthCause.BOUGHT,
                findingsAsKnown + grown(before, l -> l.kind().isSure()));
        why.put(GrowthCause.UNSEEN, grown(before, l -> l.kind() == ForecastKind.UNSEEN));
        why.put(GrowthCause.EXTRAS, grown(before, l -> l.kind() == ForecastKind.FORGOTTEN));
        why.put(GrowthCause.RUNNING, grown(before, l -> l.kind() == ForecastKind.RUNNING));
        why.values().removeIf(minor -> minor == 0);
        return why;
    }

    private static boolean isFinding(KeptLine line) {
        return FROM_FINDINGS.contains(line.kind());
    }

    private Set<String> findings() {
        return lines.stream()
                .filter(KeptForecast::isFinding)
                .map(KeptLine::about)
                .collect(Collectors.toSet());
    }

    private long grown(KeptForecast before, Predicate<KeptLine> which) {
        return sum(which) - before.sum(which);
    }

    private long sum(Predicate<KeptLine> which) {
        return lines.stream().filter(which).mapToLong(KeptLine::minor).reduce(0, Math::addExact);
    }
}
