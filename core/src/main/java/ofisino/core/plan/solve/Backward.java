package ofisino.core.plan.solve;

import java.util.Arrays;

/**
 * Turns a schedule round: from its end, each activity as late as links, people, places and resources allow. What comes out is only an order for
 * the next forward pass, so that money, states and work laid aside need no look here.
 *
 * <p>Source: forward-backward improvement, Tormos and Lova, Annals of Operations Research 102 (2001) 65-81.
 */
final class Backward {
    private final Instance in;
    private final TimeGrid time;
    /** By person: live slots in which he is there and nothing lies yet, and those in which he is there at all. */
    private final long[][] free;

    private final long[][] present;
    private final int[][] load;
    private final int[] lateStart;
    /** The slots of one activity while they are looked for, the last first. */
    private final int[] found;

    Backward(Instance in) {
        this.in = in;
        this.time = in.time;
        int words = (time.live + 63) / 64;
        free = new long[time.window.length][words];
        present = new long[time.window.length][words];
        for (int p = 0; p < present.length; p++)
            for (int t = 0; t < time.live; t++) if (time.window[p][t] != TimeGrid.OUT) present[p][t >> 6] |= 1L << t;
        found = new int[Math.max(1, Arrays.stream(in.work).max().orElse(1))];
        load = new int[in.capacity.length][time.live];
        lateStart = new int[in.size];
    }

    /** The latest starts, in seconds, if nothing may end later than the schedule as a whole. */
    int[] latestStarts(ScheduleGeneration pass, PriorityRules rules) {
        int finish = 0;
        int[] negative = new int[in.size];
        for (int a = 0; a < in.size; a++) {
            negative[a] = pass.placed[a] ? -pass.end[a] : 0;
            finish = Math.max(finish, -negative[a]);
        }
        for (int p = 0; p < free.length; p++) System.arraycopy(present[p], 0, free[p], 0, free[p].length);
        for (int c = 0; c < load.length; c++) in.takeOthers(c, load[c]);
        int[] byEnd = rules.ascending(negative);
        int[] open = new int[in.size];
        int[] rank = new int[in.size];
        var ready = new java.util.BitSet(in.size);
        for (int i = 0; i < in.size; i++) rank[byEnd[i]] = i;
        for (int a = 0; a < in.size; a++) {
            open[a] = in.after[a].length;
            if (open[a] == 0) ready.set(rank[a]);
        }
        for (int next = ready.nextSetBit(0); next >= 0; next = ready.nextSetBit(0)) {
            ready.clear(next);
            int a = byEnd[next];
            place(a, pass, finish);
            for (Instance.Link l : in.before[a]) if (--open[l.other()] == 0) ready.set(rank[l.other()]);
        }
        return lateStart;
    }

    private void place(int a, ScheduleGeneration pass, int finish) {
        int latest = finish;
        for (Instance.Link l : in.after[a]) latest = Math.min(latest, lateStart[l.other()] - l.lag());
        int endOfWork = latest - in.wait[a];
        if (in.work[a] == 0 || pass.crew[a] < 0 || in.isFixed(a)) {
            lateStart[a] = in.isFixed(a) ? in.fixed[a] : endOfWork;
            return;
        }
        int[] crew = in.crews[a][pass.crew[a]];
        int from = in.inOneGo[a] ? oneGo(a, crew, endOfWork) : goingOn(a, crew, endOfWork);
        lateStart[a] = from < 0 ? pass.start[a] : time.startOf(from);
    }

    private int lastLiveBefore(int seconds) {
        return Math.min(time.live, time.liveAt(Math.floorDiv(seconds, TimeGrid.SLOT_SECONDS) * TimeGrid.SLOT_SECONDS))
                - 1;
    }

    private int oneGo(int a, int[] crew, int end) {
        for (int last = lastLiveBefore(end); last >= in.work[a] - 1; last--) {
            int t = last;
            int done = 0;
            while (done < in.work[a] && isFree(a, crew, t - done) && isOneStretch(crew, t - done, last)) done++;
            if (done < in.work[a]) {
                last -= done; // whatever ends between here and there meets the same hindrance
                continue;
            }
            for (int i = 0; i < done; i++) take(a, crew, t - i);
            return t - done + 1;
        }
        return -1;
    }

    private boolean isOneStretch(int[] crew, int t, int last) {
        if (time.slotOf[last] - time.slotOf[t] != last - t) return false;
        for (int p : crew) if (time.window[p][t] != time.window[p][last]) return false;
        return true;
    }

    private int goingOn(int a, int[] crew, int end) {
        int done = 0;
        for (int t = lastFree(crew, lastLiveBefore(end)); t >= 0; t = lastFree(crew, t - 1)) {
            if (!isRoom(a, t)) continue;
            found[done++] = t;
            if (done == in.work[a]) {
                for (int slot = 0; slot < done; slot++) take(a, crew, found[slot]);
                return t;
            }
        }
        return -1;
    }

    /** The last live slot up to t in which all of the crew are there and nothing lies yet; negative where there is none. */
    private int lastFree(int[] crew, int t) {
        if (crew.length == 0 || t < 0) return t;
        int word = t >> 6;
        long bits = freeWord(crew, word) & (-1L >>> (63 - (t & 63)));
        while (bits == 0) {
            if (--word < 0) return -1;
            bits = freeWord(crew, word);
        }
        return (word << 6) + 63 - Long.numberOfLeadingZeros(bits);
    }

    private long freeWord(int[] crew, int word) {
        long bits = free[crew[0]][word];
        for (int i = 1; i < crew.length; i++) bits &= free[crew[i]][word];
        return bits;
    }

    private boolean isFree(int a, int[] crew, int t) {
        for (int p : crew) if ((free[p][t >> 6] & 1L << t) == 0) return false;
        return isRoom(a, t);
    }

    private boolean isRoom(int a, int t) {
        int place = in.place[a];
        if (place >= 0 && load[place][t] >= in.capacity[place]) return false;
        for (int r = 0; r < in.resources[a].length; r++)
            if (load[in.resources[a][r]][t] + in.amounts[a][r] > in.capacity[in.resources[a][r]]) return false;
        return true;
    }

    private void take(int a, int[] crew, int t) {
        for (int p : crew) free[p][t >> 6] &= ~(1L << t);
        if (in.place[a] >= 0) load[in.place[a]][t]++;
        for (int r = 0; r < in.resources[a].length; r++) load[in.resources[a][r]][t] += in.amounts[a][r];
    }
}
