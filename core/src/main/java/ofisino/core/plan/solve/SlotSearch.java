package ofisino.core.plan.solve;

import java.util.Arrays;

/** Looks for the slots of one activity: from a first one on, by a crew, without laying it aside for what is begun later. */
final class SlotSearch {
    private final Instance in;
    private final TimeGrid time;
    private final ResourceProfile shed;
    /** By activity: its first live slot. */
    private final int[] first;
    /** What was found last: as many slots as the work takes. */
    final int[] found;

    SlotSearch(Instance in, ResourceProfile shed, int[] first) {
        this.in = in;
        this.time = in.time;
        this.shed = shed;
        this.first = first;
        found = new int[Math.max(1, Arrays.stream(in.work).max().orElse(1))];
    }

    boolean begins(int a, int[] crew, int t) {
        return shed.isFree(crew, t) && shed.isRoom(a, t);
    }

    /** From a live slot on, in which the crew are free and there is room, however late it ends. */
    int tryFrom(int a, int[] crew, int from) {
        return tryFrom(a, crew, from, time.live);
    }

    /**
     * From a live slot on, in which the crew are free and there is room.
     *
     * @param before a slot that its work ends before; what ends later is not looked for
     * @return a negative number when it can be done; otherwise the first slot after this one from which to try again
     */
    int tryFrom(int a, int[] crew, int from, int before) {
        found[0] = from;
        if (in.work[a] == 1) return waits(a, from, from);
        return in.inOneGo[a] ? inOneGo(a, crew, from) : goesOn(a, crew, from, Math.min(before, time.live));
    }

    private int inOneGo(int a, int[] crew, int from) {
        int slot = time.slotOf[from];
        for (int i = 1; i < in.work[a]; i++) {
            int t = from + i;
            if (t >= time.live) return time.live;
            if (time.slotOf[t] != slot + i || shed.leavesWindow(crew, t)) return t;
            if (!begins(a, crew, t)) return t + 1;
            found[i] = t;
        }
        return waits(a, from, from + in.work[a] - 1);
    }

    private int goesOn(int a, int[] crew, int from, int before) {
        // only what holds its place while it is begun minds slots in which its people are not there
        if (!in.holdsBegun[a] && crew.length > 0) return goesOnWhereIn(a, crew, from, before);
        int done = 1;
        for (int t = from + 1; t < before; t++) {
            boolean room = shed.isRoom(a, t);
            if (!room && in.holdsBegun[a] && !shed.hasPlace(a, t)) return t + 1;
            if (!room || !shed.allIn(crew, t)) continue;
            int busy = shed.busySince(crew, t, first);
            if (busy == Integer.MAX_VALUE) {
                if (!shed.isFree(crew, t)) continue; // kept free for what waits for money
                found[done++] = t;
                if (done == in.work[a]) return waits(a, from, t);
            } else if (busy > from) return busy + 1; // it would be laid aside for what is begun later
        }
        return time.live;
    }

    private int goesOnWhereIn(int a, int[] crew, int from, int before) {
        int done = 1;
        boolean anywhere = shed.fitsAnywhere(a);
        long mask = -1L << from + 1;
        for (int word = from + 1 >> 6; word << 6 < before; word++, mask = -1L) {
            long free = shed.free(crew, word);
            for (long left = shed.present(crew, word) & mask; left != 0; left &= left - 1) {
                int t = (word << 6) + Long.numberOfTrailingZeros(left);
                if (t >= before) return time.live;
                if (!anywhere && !shed.isRoom(a, t)) continue;
                if ((free >>> t & 1) != 0) {
                    found[done++] = t;
                    if (done == in.work[a]) return waits(a, from, t);
                } else {
                    int busy = shed.busySince(crew, t, first);
                    if (busy != Integer.MAX_VALUE && busy > from)
                        return busy + 1; // it would be laid aside for what is begun later
                }
            }
        }
        return time.live;
    }

    /** Puts the last quarter of an hour of what was found into the first slot that ends so late; false where that lays it aside. */
    boolean stretchTo(int a, int[] crew, int wanted) {
        int last = in.work[a] - 1;
        if (in.inOneGo[a] || last < 1) return false;
        for (int t = found[last - 1] + 1; t < time.live; t++) {
            if (in.holdsBegun[a] && !shed.hasPlace(a, t)) return false;
            if (!shed.allIn(crew, t) || !shed.isRoom(a, t)) continue;
            int busy = shed.busySince(crew, t, first);
            if (busy != Integer.MAX_VALUE && busy > found[0]) return false;
            if (shed.isFree(crew, t) && time.endOf(t) >= wanted) {
                found[last] = t;
                return waits(a, found[0], t) < 0;
            }
        }
        return false;
    }

    /** Whether the work may lie in just these slots: idle time is allowed, laying it aside for what is begun later is not. */
    boolean isAllowed(int a, int[] crew, int[] slots) {
        int next = 0;
        for (int t = slots[0]; next < slots.length; t++) {
            boolean works = t == slots[next];
            if (in.inOneGo[a]
                    && next > 0
                    && (!works || shed.leavesWindow(crew, t) || time.slotOf[t] != time.slotOf[t - 1] + 1)) return false;
            if (in.holdsBegun[a] && !shed.hasPlace(a, t)) return false;
            if (works) {
                if (!begins(a, crew, t)) return false;
                next++;
            } else if (shed.allIn(crew, t) && shed.isRoom(a, t)) {
                int busy = shed.busySince(crew, t, first);
                if (busy != Integer.MAX_VALUE && busy > slots[0]) return false;
            }
        }
        return waits(a, slots[0], slots[slots.length - 1]) < 0;
    }

    private int waits(int a, int from, int to) {
        if (in.holdsWaiting[a]) {
            int until = time.liveAt(time.endOf(to) + in.wait[a]);
            for (int t = to + 1; t < until; t++) if (!shed.hasPlace(a, t)) return from + 1;
        }
        return -1;
    }

    int endOfFound(int a) {
        return time.endOf(found[in.work[a] - 1]) + in.wait[a];
    }
}
