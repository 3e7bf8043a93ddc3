package ofisino.core.plan.risk;

import java.util.Arrays;

/** What came of each run, by its number. Written by several threads, each its own runs. */
final class Draws {
    /** It had no place before the horizon. */
    static final int NEVER = Integer.MAX_VALUE;

    /** By milestone and run: seconds after the begin. */
    final int[][] reached;
    /** By activity, for the first runs: how long it took and waited, as hours, at a pace as planned: one's own is no job's. */
    final float[][] took;
    /** By what may be hidden, and run. */
    final boolean[][] found;

    /** So many runs tell what drives a date: a rank correlation of 2000 is off by 0.02. */
    static final int FOR_DRIVERS = 2000;

    Draws(int runs, int milestones, int activities, int hidden) {
        reached = new int[milestones][runs];
        took = new float[activities][Math.min(runs, FOR_DRIVERS)];
        found = new boolean[hidden][runs];
    }

    /** By the rank that is so many tenths from the soonest; {@link #NEVER} where it is not reached in so many. */
    static int inTen(int[] reached, double tenths) {
        int[] sorted = reached.clone();
        Arrays.sort(sorted);
        return ranked(sorted, tenths);
    }

    /** The same of runs that stand in their order. */
    static int ranked(int[] sorted, double tenths) {
        return sorted[Math.max(0, (int) Math.ceil(sorted.length * tenths / 10) - 1)];
    }
}
