package ofisino.core.plan.risk;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import ofisino.core.plan.calendar.TimeWindow;
import ofisino.core.plan.progress.TurnUp;
import org.apache.commons.rng.sampling.distribution.ChengBetaSampler;

/**
 * Which of the times that somebody means to come are kept. Nobody misses one evening here and one there: an illness, a holiday, a job take
 * weeks. So who stays away stays away for some times on end, and what was seen so far says less of the rate than as many separate evenings
 * would. Both figures are common practice, no source.
 */
final class Attendance {
    /** Times on end, on average, that somebody stays away who stays away. */
    private static final double AWAY_TIMES = 4;
    /** So many times that were seen say as much as one that hangs on no other. */
    private static final double SEEN_FOR_ONE = 3;

    private Attendance() {}

    static List<TimeWindow> drawn(TurnUp known, List<TimeWindow> meant, SplittableRandom luck) {
        double rate = ChengBetaSampler.of(
                        luck.split()::nextLong, known.keptWeight(SEEN_FOR_ONE), known.missedWeight(SEEN_FOR_ONE))
                .sample();
        double back = 1 / AWAY_TIMES;
        double leaves = rate > 0 ? Math.min(1, back * (1 - rate) / rate) : 1;
        List<TimeWindow> kept = new ArrayList<>();
        boolean isThere = luck.nextDouble() < rate;
        for (TimeWindow time : meant) {
            if (isThere) kept.add(time);
            isThere = isThere ? luck.nextDouble() >= leaves : luck.nextDouble() < back;
        }
        return kept;
    }
}
