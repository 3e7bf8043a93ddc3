package ofisino.core.plan.solve;

import java.util.Arrays;

/** Who works on what in each live slot, and what is taken of places and resources, while a schedule is being made. */
final class ResourceProfile {
    private static final int NOBODY = -1;

    private final Instance in;
    private final TimeGrid time;
    /** By person and live slot: the activity; negative where there is none. */
    final int[][] at;
    /** By person: live slots in which he is there and may be given work. */
    private final long[][] free;

    private final long[][] present;
    /** Live slots are counted in words of 64. */
    final int words;
    /** By capacity and live slot. */
    private final int[][] load;

    ResourceProfile(Instance in) {
        this.in = in;
        this.time = in.time;
        int people = time.window.length;
        words = (time.live + 63) / 64;
        at = new int[people][time.live];
        present = new long[people][words];
        free = new long[people][words];
        for (int p = 0; p < people; p++)
            for (int t = 0; t < time.live; t++) if (time.window[p][t] != TimeGrid.OUT) present[p][t >> 6] |= 1L << t;
        load = new int[in.capacity.length][time.live];
    }

    void clear() {
        for (int p = 0; p < at.length; p++) {
            Arrays.fill(at[p], NOBODY);
            System.arraycopy(present[p], 0, free[p], 0, free[p].length);
        }
        for (int c = 0; c < load.length; c++) in.takeOthers(c, load[c]);
    }

    /** The first live slot from t on in which all of the crew are there and free. */
    int nextFree(int[] crew, int t) {
        if (crew.length == 0) return t;
        if (t >= time.live) return time.live;
        int word = t >> 6;
        long bits = free(crew, word) & (-1L << t);
        while (bits == 0) {
            if (++word >= words) return time.live;
            bits = free(crew, word);
        }
        return (word << 6) + Long.numberOfTrailingZeros(bits);
    }

    private static long common(long[][] of, int[] crew, int word) {
        long bits = of[crew[0]][word];
        for (int i = 1; i < crew.length; i++) bits &= of[crew[i]][word];
        return bits;
    }

    boolean isFree(int[] crew, int t) {
        return isIn(free, crew, t);
    }

    boolean allIn(int[] crew, int t) {
        return isIn(present, crew, t);
    }

    private static boolean isIn(long[][] bits, int[] crew, int t) {
        for (int p : crew) if ((bits[p][t >> 6] & 1L << t) == 0) return false;
        return true;
    }

    /** Of the 64 live slots of a word, those in which all of the crew are there. */
    long present(int[] crew, int word) {
        return common(present, crew, word);
    }

    /** Of the 64 live slots of a word, those in which all of the crew are there and free. */
    long free(int[] crew, int word) {
        return common(free, crew, word);
    }

    boolean leavesWindow(int[] crew, int t) {
        for (int p : crew) if (time.window[p][t] != time.window[p][t - 1]) return true;
        return false;
    }

    /**
     * Since which live slot the crew is at something else: the earliest beginning; negative where one of it is at something with a fixed start;
     * the greatest number where all are free.
     *
     * @param first by activity: its first live slot
     */
    int busySince(int[] crew, int t, int[] first) {
        int since = Integer.MAX_VALUE;
        for (int p : crew) {
            int other = at[p][t];
            if (other >= 0) since = Math.min(since, in.isFixed(other) ? -1 : first[other]);
        }
        return since;
    }

    /** It takes nothing that could be short. */
    boolean fitsAnywhere(int a) {
        return in.place[a] < 0 && in.resources[a].length == 0;
    }

    boolean isRoom(int a, int t) {
        return hasPlace(a, t) && resourceShort(a, t) < 0;
    }

    boolean hasPlace(int a, int t) {
        int place = in.place[a];
        return place < 0 || load[place][t] < in.capacity[place];
    }

    /** The resource of which too little is left, or a negative number. */
    int resourceShort(int a, int t) {
        int[] resources = in.resources[a];
        for (int i = 0; i < resources.length; i++)
            if (load[resources[i]][t] + in.amounts[a][i] > in.capacity[resources[i]]) return resources[i];
        return -1;
    }

    /** @param slots of the work, in order; as many as it takes @param end with the wait, seconds */
    void take(int a, int[] people, int[] slots, int end) {
        change(a, people, slots, end, 1);
    }

    void giveBack(int a, int[] people, int[] slots, int end) {
        change(a, people, slots, end, -1);
    }

    private void change(int a, int[] people, int[] slots, int end, int sign) {
        int work = in.work[a];
        for (int p : people)
            for (int i = 0; i < work; i++) {
                int t = slots[i];
                at[p][t] = sign > 0 ? a : NOBODY;
                if (sign > 0) free[p][t >> 6] &= ~(1L << t);
                else free[p][t >> 6] |= 1L << t;
            }
        for (int r = 0; r < in.resources[a].length; r++)
            for (int i = 0; i < work; i++) load[in.resources[a][r]][slots[i]] += sign * in.amounts[a][r];
        if (in.place[a] >= 0) hold(a, slots, load[in.place[a]], end, sign);
    }

    private void hold(int a, int[] slots, int[] place, int end, int sign) {
        int last = slots[in.work[a] - 1];
        if (in.holdsBegun[a]) for (int t = slots[0]; t <= last; t++) place[t] += sign;
        else for (int i = 0; i < in.work[a]; i++) place[slots[i]] += sign;
        if (in.holdsWaiting[a]) for (int t = last + 1, to = time.liveAt(end); t < to; t++) place[t] += sign;
    }

    /** From the one slot to the other, neither included, its people do nothing else: they may not lay it aside. */
    void keepFree(int a, int[] crew, int after, int before) {
        for (int t = after + 1; t < before; t++)
            if (allIn(crew, t) && isRoom(a, t)) for (int p : crew) free[p][t >> 6] &= ~(1L << t);
    }
}
