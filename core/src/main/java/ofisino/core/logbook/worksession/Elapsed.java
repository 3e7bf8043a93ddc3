package ofisino.core.logbook.worksession;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import ofisino.core.kernel.Apportion;

/** The time since somebody came into the garage, as a first answer to “how long on which job”; the person puts it right. */
public final class Elapsed {
    private static final int QUARTER_MINUTES = 15;
    /** Who forgot to end it did not work through the night. */
    private static final int LONGEST_QUARTERS = 8 * 4;

    private static final int STEP_MINUTES = 5;

    private Elapsed() {}

    /**
     * What was ticked off has the time since the tick before it, in steps of five minutes; what was ticked within one step shares it. The time
     * since the last tick is that of the first that is not ticked. While nothing is ticked, all share.
     *
     * @param ticks when a job was ticked off; of other jobs nothing is read
     * @return minutes by job, in their order; a job on which no time went is not in it
     */
    public static <J> Map<J, Integer> ticked(Instant from, Instant to, List<J> jobs, Map<J, Instant> ticks) {
        NavigableMap<Long, List<J>> ends = new TreeMap<>();
        for (J job : jobs)
            if (ticks.containsKey(job))
                ends.computeIfAbsent(Math.max(1, steps(from, ticks.get(job))), step -> new ArrayList<>())
                        .add(job);
        if (ends.isEmpty()) return shared(from, to, jobs);
        jobs.stream()
                .filter(job -> !ticks.containsKey(job))
                .findFirst()
                .filter(job -> steps(from, to) > ends.lastKey())
                .ifPresent(atHand -> ends.put(steps(from, to), List.of(atHand)));
        Map<J, Integer> minutes = new HashMap<>();
        long before = 0;
        for (var end : ends.entrySet()) {
            long took = Math.min(LONGEST_QUARTERS * QUARTER_MINUTES, (end.getKey() - before) * STEP_MINUTES);
            before = end.getKey();
            long[] parts =
                    evenly(Math.max(took, end.getValue().size()), end.getValue().size());
            for (int i = 0; i < parts.length; i++) minutes.put(end.getValue().get(i), (int) parts[i]);
        }
        Map<J, Integer> found = new LinkedHashMap<>();
        for (J job : jobs) if (minutes.containsKey(job)) found.put(job, minutes.get(job));
        return found;
    }

    private static long steps(Instant from, Instant to) {
        return Math.round((double) Duration.between(from, to).toSeconds() / (60 * STEP_MINUTES));
    }

    private static long[] evenly(long total, int among) {
        long[] even = new long[among];
        Arrays.fill(even, 1);
        return Apportion.byLargestRemainder(total, even);
    }

    /**
     * In quarters of an hour, at least one, at most eight hours, shared evenly: what is over goes to the first.
     *
     * @return minutes by job; a job for which no quarter is left is not in it
     */
    public static <J> Map<J, Integer> shared(Instant from, Instant to, List<J> jobs) {
        if (jobs.isEmpty()) return Map.of();
        long minutes = Duration.between(from, to).toMinutes();
        long quarters = Math.max(1, Math.min(LONGEST_QUARTERS, Math.round((double) minutes / QUARTER_MINUTES)));
        long[] parts = evenly(quarters, jobs.size());
        Map<J, Integer> found = new LinkedHashMap<>();
        for (int i = 0; i < parts.length; i++)
            if (parts[i] > 0) found.put(jobs.get(i), (int) parts[i] * QUARTER_MINUTES);
        return found;
    }
}
