package ofisino.core.plan.job;

import java.util.Collection;
import java.util.List;

/**
 * How far some work is. What is dropped is no work.
 *
 * @param jobs           of them
 * @param jobsDone       finished or verified
 * @param thoughtMinutes likely effort of all, whoever does them
 * @param earnedMinutes  of these, by the 50/50 rule: half once begun, all once verified; what it took does not make a car any readier
 * @param leftMinutes    of one's own work
 * @param spentMinutes   worked on any of them
 */
public record HowFar(
        int jobs, int jobsDone, long thoughtMinutes, long earnedMinutes, long leftMinutes, long spentMinutes) {
    /** One job. @param byOthers somebody else does it: nothing of it is left for oneself */
    public record Work(JobState state, int likelyMinutes, int spentMinutes, boolean byOthers) {
        /** Of the likely effort, for oneself. */
        public int leftMinutes() {
            return byOthers ? 0 : state.leftOf(likelyMinutes, spentMinutes);
        }
    }

    /** All of it together. */
    public static HowFar of(Collection<Work> all) {
        List<Work> wanted =
                all.stream().filter(w -> w.state() != JobState.DROPPED).toList();
        return new HowFar(
                wanted.size(),
                (int) wanted.stream().filter(w -> w.state().isDone()).count(),
                wanted.stream().mapToLong(Work::likelyMinutes).sum(),
                Math.round(wanted.stream()
                        .mapToDouble(w -> w.state().earnedShare() * w.likelyMinutes())
                        .sum()),
                wanted.stream().mapToLong(Work::leftMinutes).sum(),
                wanted.stream().mapToLong(Work::spentMinutes).sum());
    }

    /** In whole percent, half up; 0 while there is no work. */
    public int earnedPercent() {
        return thoughtMinutes == 0 ? 0 : (int) Math.round(100.0 * earnedMinutes / thoughtMinutes);
    }
}
