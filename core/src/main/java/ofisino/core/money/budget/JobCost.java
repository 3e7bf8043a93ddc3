package ofisino.core.money.budget;

import java.util.Collection;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The three amounts of a job, in minor units of the base currency.
 *
 * @param thoughtMinor what its parts were expected to cost, with what was agreed for work that others do
 * @param askedMinor   what sellers and shops asked, without post
 * @param paidMinor    what is booked on it, with post, duty and all
 * @param done         nothing more is to come
 */
public record JobCost(long thoughtMinor, long askedMinor, long paidMinor, boolean done) {
    /** What it cost more than was thought; less than nothing where it was cheaper. */
    public long dearerMinor() {
        return Math.subtractExact(paidMinor, thoughtMinor);
    }

    /** Whether it says something about thinking: it is done, and somebody had thought of a sum. */
    public boolean tells() {
        return done && thoughtMinor > 0;
    }

    /** Those that say something, added up. */
    public static JobCost told(Collection<JobCost> jobs) {
        List<JobCost> told = jobs.stream().filter(JobCost::tells).toList();
        return new JobCost(
                told.stream().mapToLong(JobCost::thoughtMinor).reduce(0, Math::addExact),
                told.stream().mapToLong(JobCost::askedMinor).reduce(0, Math::addExact),
                told.stream().mapToLong(JobCost::paidMinor).reduce(0, Math::addExact),
                true);
    }

    /** By what to multiply the next thought: paid over thought of what is done; empty while nothing tells. */
    public static OptionalDouble factor(Collection<JobCost> jobs) {
        JobCost told = told(jobs);
        return told.thoughtMinor() == 0
                ? OptionalDouble.empty()
                : OptionalDouble.of((double) told.paidMinor() / told.thoughtMinor());
    }
}
