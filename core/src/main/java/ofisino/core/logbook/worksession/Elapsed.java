package ofisino.core.logbook.worksession;

import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.kernel.Apportion;

/** The time since somebody came into the garage, as a first answer to “how long on which job”; the person puts it right. */
public final class Elapsed {
    private static final int QUARTER_MINUTES = 15;
    /** Who forgot to end it did not work through the night. */
    private static final int LONGEST_QUARTERS = 8 * 4;

    private Elapsed() {}

    /**
     * In quarters of an hour, at least one, at most eight hours, shared evenly: what is over goes to the first.
     *
     * @return minutes by job; a job for which no quarter is left is not in it
     */
    public static <J> Map<J, Integer> shared(Instant from, Instant to, List<J> jobs) {
        if (jobs.isEmpty()) return Map.of();
        long minutes = Duration.between(from, to).toMinutes();
        long quarters = Math.max(1, Math.min(LONGEST_QUARTERS, Math.round((double) minutes / QUARTER_MINUTES)));
        long[] even = new long[jobs.size()];
        Arrays.fill(even, 1);
        long[] parts = Apportion.byLargestRemainder(quarters, even);
        Map<J, Integer> found = new LinkedHashMap<>();
        for (int i = 0; i < parts.length; i++)
            if (parts[i] > 0) found.put(jobs.get(i), (int) parts[i] * QUARTER_MINUTES);
        return found;
    }
}
