package ofisino.core.plan.scope;

import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;

/**
 * The present scope against the baseline: what was added and why, and how far the work is against either.
 *
 * @param baselineJobs    when the baseline was set
 * @param baselineMinutes likely, at that time
 * @param presentMinutes  likely, of all that is not dropped
 * @param doneMinutes     likely, of what is finished or verified
 * @param added           jobs and minutes by cause
 * @param dropped         of the baseline
 */
public record Growth(
        int baselineJobs,
        long baselineMinutes,
        int presentJobs,
        long presentMinutes,
        long doneMinutes,
        Map<Cause, Added> added,
        Added dropped) {
    public Growth {
        added = Map.copyOf(added);
    }

    /** Why a job was not in the baseline. */
    public enum Cause {
        /** Damage came to light. */
        FOUND,
        /** The access was open anyway. */
        ACCESS_OPEN,
        /** Somebody wanted it nicer. */
        TASTE,
        /** The aim went up. */
        AIM,
        /** It was simply not thought of. */
        FORGOTTEN
    }

    /** @param minutes likely */
    public record Added(int jobs, long minutes) {
        static final Added NOTHING = new Added(0, 0);

        Added plus(long more) {
            return new Added(jobs + 1, minutes + more);
        }
    }

    /** @param baselineMinutes 0 and not in the baseline: then {@code cause} says why it is there */
    public record Item(
            boolean inBaseline,
            long baselineMinutes,
            long presentMinutes,
            boolean dropped,
            boolean done,
            Cause cause) {}

    /** Compares what there is with what there was when the baseline was set. */
    public static Growth of(Collection<Item> items) {
        int jobs = 0;
        int presentJobs = 0;
        long baseline = 0;
        long present = 0;
        long done = 0;
        Map<Cause, Added> added = new EnumMap<>(Cause.class);
        Added dropped = Added.NOTHING;
        for (Item item : items) {
            if (item.inBaseline()) {
                jobs++;
                baseline += item.baselineMinutes();
                if (item.dropped()) dropped = dropped.plus(item.baselineMinutes());
            }
            if (item.dropped()) continue;
            presentJobs++;
            present += item.presentMinutes();
            if (item.done()) done += item.presentMinutes();
            if (!item.inBaseline())
                added.put(
                        item.cause(),
                        added.getOrDefault(item.cause(), Added.NOTHING).plus(item.presentMinutes()));
        }
        return new Growth(jobs, baseline, presentJobs, present, done, added, dropped);
    }

    /** In whole percent; 0 without a baseline. */
    public int doneOfBaseline() {
        return percent(doneMinutes, baselineMinutes);
    }

    /** Percent of the present minutes. */
    public int doneOfPresent() {
        return percent(doneMinutes, presentMinutes);
    }

    /** How much the scope grew, in whole percent of the baseline; below 0 when it shrank. */
    public int growthPercent() {
        return percent(presentMinutes - baselineMinutes, baselineMinutes);
    }

    private static int percent(long part, long whole) {
        return whole == 0 ? 0 : (int) Math.round(100.0 * part / whole);
    }
}
