package ofisino.core.plan.progress;

import java.util.Collection;
import java.util.Optional;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.plan.job.JobState;

/**
 * By what a person's hours differ from what was thought likely, learned from finished jobs: with few of them the usual optimism counts, with many
 * their own. ln f = (n · mean ln(actual ÷ likely) + 8 · ln 1.3) ÷ (n + 8). The weight of 8 jobs and the factor of 1.3 are common practice, no source.
 *
 * @param jobs   that it was learned from
 * @param factor 1 where hours come out as thought
 */
public record OwnFactor(int jobs, double factor) {
    private static final int USUAL_JOBS = 8;
    private static final double USUAL_FACTOR = 1.3;
    private static final double USUAL_SPREAD = 0.35;

    /** Of one finished job. */
    public record Finished(int likelyMinutes, int spentMinutes) {
        public Finished {
            if (likelyMinutes < 1 || spentMinutes < 1)
                throw InvalidValue.of(
                        "finished.minutes",
                        "A finished job took some time: %d min thought and %d min spent cannot be.",
                        "Book the hours that it took.",
                        likelyMinutes,
                        spentMinutes);
        }
    }

    /**
     * How far the factor itself may be off: the standard deviation of its logarithm, less the more jobs it was learned from. 0.35 of somebody
     * of whom nothing is known; common practice, no source.
     */
    public double spread() {
        return USUAL_SPREAD * Math.sqrt((double) USUAL_JOBS / (jobs + USUAL_JOBS));
    }

    /** What was thought likely, as this person's own time. */
    public int own(int likelyMinutes) {
        return (int) Math.round(likelyMinutes * factor);
    }

    /** Of a job that is done and on which time was logged; empty for any other. */
    public static Optional<Finished> finished(JobState state, int likelyMinutes, int spentMinutes) {
        boolean counts = state.isOver() && state != JobState.DROPPED && likelyMinutes > 0 && spentMinutes > 0;
        return counts ? Optional.of(new Finished(likelyMinutes, spentMinutes)) : Optional.empty();
    }

    /** From what was thought and what it took. Empty input gives 1. */
    public static OwnFactor of(Collection<Finished> finished) {
        double sum = finished.stream()
                .mapToDouble(f -> Math.log((double) f.spentMinutes() / f.likelyMinutes()))
                .sum();
        int n = finished.size();
        return new OwnFactor(n, Math.exp((sum + USUAL_JOBS * Math.log(USUAL_FACTOR)) / (n + USUAL_JOBS)));
    }
}
