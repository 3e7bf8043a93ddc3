package ofisino.core.roadready.faultcodes;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The fault codes of a vehicle over time, as a measure of progress: how many are left, behind which cause, which went and came back.
 * Common practice, no source: cured is what stays away after a drive, not what was erased.
 *
 * @param lines   every code that was ever read: those that came back first, those that are gone last
 * @param trend   how many there were at each reading
 * @param byCause how many are left behind each cause, most first; under the empty name those of which nobody named one
 * @param clear   the last reading showed none, after a drive
 */
public record FaultTally(List<Line> lines, List<Count> trend, Map<String, Integer> byCause, boolean clear) {
    /** From this many codes of one module on, what they share is asked for first. */
    private static final int MANY_IN_ONE_MODULE = 3;

    public FaultTally {
        lines = List.copyOf(lines);
        trend = List.copyOf(trend);
    }

    /** One reading of all modules, in the order in which they were taken. */
    public record Scan(LocalDate on, boolean afterDrive, List<FaultCode> codes) {
        public Scan {
            codes = List.copyOf(codes);
        }
    }

    /** How a code stands against the readings before. */
    public enum Standing {
        /** It was gone at a reading in between: something erased it, nothing cured it. */
        CAME_BACK,
        /** There at the last reading, and never before. */
        NEW,
        STILL,
        GONE;

        /** In the latest reading. */
        public boolean isThere() {
            return this != GONE;
        }
    }

    /** What several codes may have in common, so that one repair removes them all. */
    public enum Hint {
        /** The same code in several modules: what all of them share, such as supply voltage, earth or the data line. */
        SAME_IN_SEVERAL_MODULES,
        /** Many codes in one module: its supply, its earth, its plug, before any sensor. */
        MANY_IN_ONE_MODULE
    }

    /** One code and its history. */
    public record Line(
            FaultCode code, Standing standing, LocalDate first, LocalDate last, String cause, Optional<Hint> hint) {}

    /** How many codes one reading showed. @param afterDrive read after a drive since the last time they were erased */
    public record Count(LocalDate on, int codes, boolean afterDrive) {}

    /** @param causes what a person thinks is behind a code */
    public static FaultTally of(List<Scan> scans, Map<FaultCode, String> causes) {
        Map<FaultCode, Line> lines = new LinkedHashMap<>();
        Optional<Scan> latest = scans.stream().reduce((a, b) -> b);
        List<FaultCode> now = latest.map(Scan::codes).orElse(List.of());
        for (Scan scan : scans)
            for (FaultCode code : scan.codes())
                lines.computeIfAbsent(code, c -> line(c, scans, causes.getOrDefault(c, ""), hint(c, now)));
        List<Line> sorted = new ArrayList<>(lines.values());
        sorted.sort(Comparator.comparing(Line::standing)
                .thenComparing(l -> l.code().module())
                .thenComparing(l -> l.code().code()));
        return new FaultTally(
                sorted,
                scans.stream()
                        .map(s -> new Count(s.on(), s.codes().size(), s.afterDrive()))
                        .toList(),
                byCause(sorted),
                latest.filter(s -> s.codes().isEmpty() && s.afterDrive()).isPresent());
    }

    private static Line line(FaultCode code, List<Scan> scans, String cause, Optional<Hint> hint) {
        List<Integer> seenAt = new ArrayList<>();
        for (int i = 0; i < scans.size(); i++) if (scans.get(i).codes().contains(code)) seenAt.add(i);
        int first = seenAt.get(0);
        int last = seenAt.get(seenAt.size() - 1);
        boolean there = last == scans.size() - 1;
        boolean withoutGap = last - first == seenAt.size() - 1;
        Standing standing = !there
                ? Standing.GONE
                : !withoutGap ? Standing.CAME_BACK : seenAt.size() == 1 ? Standing.NEW : Standing.STILL;
        return new Line(
                code,
                standing,
                scans.get(first).on(),
                scans.get(last).on(),
                cause,
                there && cause.isEmpty() ? hint : Optional.empty());
    }

    private static Optional<Hint> hint(FaultCode code, List<FaultCode> now) {
        if (now.stream().filter(c -> c.code().equals(code.code())).count() > 1)
            return Optional.of(Hint.SAME_IN_SEVERAL_MODULES);
        return now.stream().filter(c -> c.module().equals(code.module())).count() >= MANY_IN_ONE_MODULE
                ? Optional.of(Hint.MANY_IN_ONE_MODULE)
                : Optional.empty();
    }

    private static Map<String, Integer> byCause(List<Line> lines) {
        Map<String, Integer> counted = lines.stream()
                .filter(l -> l.standing().isThere())
                .map(Line::cause)
                .collect(Collectors.toMap(Function.identity(), c -> 1, Integer::sum, TreeMap::new));
        Map<String, Integer> mostFirst = new LinkedHashMap<>();
        counted.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                .forEach(e -> mostFirst.put(e.getKey(), e.getValue()));
        return mostFirst;
    }
}
