package ofisino.core.plan.schedule;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Map;

/**
 * One schedule, made by placing one activity after the other where it breaks no rule. The arrays are used again by the next pass.
 *
 * <p>Sources: serial and parallel schedule generation, Kolisch, EJOR 90 (1996) 320-333.
 */
final class Pass {
    private static final int NOBODY = -1;
    /** Two stays cannot be told apart more often than this; then the order is given up. */
    private static final int MOST_REPAIRS = 24;

    final Instance in;
    private final Clockwork time;

    /** By activity, seconds: first work, and end of the last work and of the wait after it. */
    final int[] start;

    final int[] end;
    /** By activity: first and last live slot of its work. */
    final int[] first;

    final int[] last;
    /** By activity: which of its crews. */
    final int[] crew;

    final boolean[] placed;
    /** By activity: it lies where a state that it needs is excluded, and nothing could be done about it. */
    final boolean[] clash;
    /** Activities in the order in which they were placed. */
    final int[] sequence;

    int count;

    /** By person and live slot: the activity. */
    final int[][] at;
    /** By person: live slots in which he is there and free. */
    private final long[][] free;

    private final long[][] present;
    /** By capacity and live slot. */
    private final int[][] load;

    private final Purses purse;
    /** By activity: it does not start before, found out by this pass (seconds). */
    private final int[] released;

    /** By way in: how many stays of it are open and not closed, and until when the closed ones were open. */
    private final int[] halfOpen;

    private final int[] closedUntil;
    private final int[] openBefore;
    private final int[] found;
    private final BitSet ready = new BitSet();
    /** Work may be begun and its last quarter of an hour left until the money for its end is there; its people then do nothing else. */
    private boolean stretching;

    /** By activity without a crew: its slots, where they are not one stretch. */
    final int[][] ownSlots;

    Pass(Instance in) {
        this.in = in;
        this.time = in.time;
        start = new int[in.size];
        end = new int[in.size];
        first = new int[in.size];
        last = new int[in.size];
        crew = new int[in.size];
        placed = new boolean[in.size];
        clash = new boolean[in.size];
        sequence = new int[in.size];
        int people = time.window.length;
        at = new int[people][time.live];
        int words = (time.live + 63) / 64;
        present = new long[people][words];
        free = new long[people][words];
        for (int p = 0; p < people; p++)
            for (int t = 0; t < time.live; t++) if (time.window[p][t] != Clockwork.OUT) present[p][t >> 6] |= 1L << t;
        load = new int[in.capacity.length][time.live];
        purse = new Purses(in);
        released = new int[in.size];
        halfOpen = new int[in.ways];
        closedUntil = new int[in.ways];
        openBefore = new int[in.size];
        found = new int[Math.max(1, Arrays.stream(in.work).max().orElse(1))];
        ownSlots = new int[in.size][];
    }

    /**
     * Serial generation: the first of the list that may be placed, at its earliest.
     *
     * @param list    every activity once
     * @param stretch begun work may wait for the money that its end makes due
     * @return whether all were placed and no fixed start or deadline is missed
     */
    boolean serial(int[] list, boolean stretch) {
        stretching = stretch;
        Arrays.fill(released, 0);
        int[] rank = rankOf(list);
        for (int repair = 0; repair <= MOST_REPAIRS; repair++) {
            begin(rank);
            boolean torn = false;
            while (!torn) {
                int a = nextReady(list);
                if (a < 0) break;
                if (place(a)) {
                    torn = tearsAState(a, true);
                    follow(a, rank);
                }
            }
            if (!torn) break;
        }
        return isWhole();
    }

    /** Parallel generation: slot by slot, whatever of the list can start in it. */
    boolean parallel(int[] list) {
        stretching = false;
        Arrays.fill(released, 0);
        int[] rank = rankOf(list);
        begin(rank);
        for (int t = 0; t < time.live && count < in.size; t++)
            for (int i = ready.nextSetBit(0); i >= 0; i = ready.nextSetBit(i + 1)) {
                int a = list[i];
                if (isShut(a) || earliest(a) > time.startOf(t)) continue;
                if (in.work[a] > 0 && !canStart(a, t)) continue;
                ready.clear(i);
                if (!place(a)) continue;
                tearsAState(a, false);
                follow(a, rank);
                i = -1; // what followed may start in the same slot
            }
        for (int a = nextReady(list); a >= 0; a = nextReady(list)) if (place(a)) follow(a, rank);
        return isWhole();
    }

    /** Where an activity is wanted: its start in seconds, its live slots, and which of its crews; no crew where it has no work. */
    record Wish(int start, int[] slots, int crew) {}

    /** Places everything exactly as wished, in the order of the wishes; whether that breaks no rule. */
    boolean exactly(Map<Integer, Wish> wishes) {
        stretching = false;
        Arrays.fill(released, 0);
        begin(rankOf(in.topological));
        for (int a = 0; a < in.size; a++) {
            if (!wishes.containsKey(a) || placed[a] && start[a] != wishes.get(a).start()) return false;
            if (in.isFixed(a) && !placed[a]) return false;
        }
        for (var wish : wishes.entrySet())
            if (!placed[wish.getKey()] && !fits(wish.getKey(), wish.getValue())) return false;
        for (int a = 0; a < in.size; a++) if (!keepsOrder(a)) return false;
        return isWhole();
    }

    private boolean fits(int a, Wish wish) {
        if (wish.start() < Math.max(time.now, in.notBefore[a])) return false;
        if (in.work[a] == 0) {
            keep(a, wish.start(), wish.start() + in.wait[a]);
            return true;
        }
        int[] slots = wish.slots();
        if (wish.crew() < 0 || slots.length != in.work[a] || time.startOf(slots[0]) != wish.start()) return false;
        System.arraycopy(slots, 0, found, 0, slots.length);
        if (!isAllowed(a, in.crews[a][wish.crew()], slots)) return false;
        keep(a, wish.crew());
        return true;
    }

    /** Whether the work may lie in just these slots: idle time is allowed, laying it aside for what is begun later is not. */
    private boolean isAllowed(int a, int[] crew, int[] slots) {
        int next = 0;
        for (int t = slots[0]; next < slots.length; t++) {
            boolean works = t == slots[next];
            if (in.inOneGo[a]
                    && next > 0
                    && (!works || leavesWindow(crew, t) || time.slotOf[t] != time.slotOf[t - 1] + 1)) return false;
            if (in.holdsBegun[a] && !hasPlace(a, t)) return false;
            if (works) {
                if (nextFree(crew, t) != t || !isRoom(a, t)) return false;
                next++;
            } else if (allIn(crew, t) && isRoom(a, t)) {
                int busy = busySince(crew, t);
                if (busy != Integer.MAX_VALUE && busy > slots[0]) return false;
            }
        }
        return waits(a, slots[0], slots[slots.length - 1]) < 0;
    }

    /** Links, stays of one way in, and states, once everything is placed. */
    private boolean keepsOrder(int a) {
        for (Instance.Link l : in.before[a]) if (end[l.other()] + l.lag() > start[a]) return false;
        for (int b : in.apart[a]) if (start[a] < end[b] && start[b] < end[a]) return false;
        for (int o : in.apartFromOpening[a])
            if (start[a] < end[in.refit[o]] && opened(o) < end[a] && start[a] < end[a]) return false;
        if (in.opens[a] != Instance.NONE)
            for (int other : in.sameWay[in.opens[a]])
                if (start[a] < end[in.refit[other]] && opened(other) < end[in.refit[in.opens[a]]]) return false;
        return true;
    }

    private static int[] rankOf(int[] list) {
        int[] rank = new int[list.length];
        for (int i = 0; i < list.length; i++) rank[list[i]] = i;
        return rank;
    }

    private void begin(int[] rank) {
        count = 0;
        Arrays.fill(placed, false);
        Arrays.fill(clash, false);
        for (int p = 0; p < at.length; p++) {
            Arrays.fill(at[p], NOBODY);
            System.arraycopy(present[p], 0, free[p], 0, free[p].length);
        }
        for (int[] l : load) Arrays.fill(l, 0);
        purse.reset();
        ready.clear();
        Arrays.fill(halfOpen, 0);
        Arrays.fill(closedUntil, 0);
        for (int o = 0; o < in.refit.length; o++) if (in.strip[o] == Instance.NONE) halfOpen[in.wayIn[o]]++;
        for (int a = 0; a < in.size; a++) openBefore[a] = in.before[a].length;
        for (int a = 0; a < in.size; a++) if (openBefore[a] == 0 && !in.isFixed(a)) ready.set(rank[a]);
        for (int a = 0; a < in.size; a++)
            if (in.isFixed(a)) {
                if (placeFixed(a)) follow(a, rank);
            }
    }

    private void follow(int a, int[] rank) {
        for (Instance.Link l : in.after[a])
            if (--openBefore[l.other()] == 0 && !placed[l.other()] && !in.isFixed(l.other()))
                ready.set(rank[l.other()]);
    }

    private int nextReady(int[] list) {
        for (int i = ready.nextSetBit(0); i >= 0; i = ready.nextSetBit(i + 1))
            if (!isShut(list[i])) {
                ready.clear(i);
                return list[i];
            }
        return -1;
    }

    /** A second stay of a way in waits until the first is closed; so does what needs a state that an open stay excludes. */
    private boolean isShut(int a) {
        if (in.opens[a] != Instance.NONE) for (int other : in.sameWay[in.opens[a]]) if (isHalfOpen(other)) return true;
        for (int o : in.apartFromOpening[a]) if (isHalfOpen(o)) return true;
        return false;
    }

    private boolean isHalfOpen(int opening) {
        int strip = in.strip[opening];
        return (strip == Instance.NONE || placed[strip]) && !placed[in.refit[opening]];
    }

    /** The earliest instant that links, the day before which it may not be, and other stays of the way in allow. */
    int earliest(int a) {
        int earliest = Math.max(Math.max(time.now, in.notBefore[a]), released[a]);
        for (Instance.Link l : in.before[a])
            if (placed[l.other()]) earliest = Math.max(earliest, end[l.other()] + l.lag());
        if (in.opens[a] != Instance.NONE) earliest = Math.max(earliest, closedUntil[in.wayIn[in.opens[a]]]);
        return earliest;
    }

    private boolean placeFixed(int a) {
        int from = in.fixed[a];
        if (from < time.now || from >= time.horizon) return false;
        if (in.work[a] == 0) {
            keep(a, from, from + in.wait[a]);
            return true;
        }
        int t = time.liveAt(from);
        if (t >= time.live || time.startOf(t) != from) return false;
        for (int c = 0; c < in.crews[a].length; c++)
            if (begins(a, in.crews[a][c], t) && tryFrom(a, in.crews[a][c], t) < 0) {
                keep(a, c);
                return true;
            }
        return false;
    }

    private boolean canStart(int a, int t) {
        for (int[] crew : in.crews[a]) if (begins(a, crew, t) && tryFrom(a, crew, t) < 0) return true;
        return false;
    }

    private boolean begins(int a, int[] crew, int t) {
        return nextFree(crew, t) == t && isRoom(a, t);
    }

    private boolean place(int a) {
        int earliest = earliest(a);
        if (in.work[a] == 0) {
            for (int later; earliest < time.horizon && (later = later(a, earliest, earliest + in.wait[a])) >= 0; )
                earliest = Math.max(earliest + 1, later);
            if (earliest > time.horizon) return false;
            keep(a, earliest, earliest + in.wait[a]);
            return true;
        }
        int bestCrew = -1;
        int bestLast = Integer.MAX_VALUE;
        int bestFirst = 0;
        for (int c = 0; c < in.crews[a].length; c++) {
            int from = earliestLive(a, in.crews[a][c], earliest, bestLast);
            if (from >= 0 && found[in.work[a] - 1] < bestLast) {
                bestCrew = c;
                bestFirst = from;
                bestLast = found[in.work[a] - 1];
            }
        }
        if (bestCrew < 0) return false;
        if (in.crews[a].length > 1) earliestLive(a, in.crews[a][bestCrew], time.startOf(bestFirst), Integer.MAX_VALUE);
        keep(a, bestCrew);
        if (stretching) keepFree(a, in.crews[a][bestCrew]);
        return true;
    }

    /** The first live slot from which the crew can do it, its slots being in {@link #found}; negative when there is none. */
    private int earliestLive(int a, int[] crew, int earliest, int notAfter) {
        int t = nextFree(crew, time.liveAt(earliest));
        while (t < time.live && t < notAfter) {
            int next = isRoom(a, t) ? tryFrom(a, crew, t) : t + 1;
            if (next < 0) {
                int later = later(a, time.startOf(t), endOfFound(a));
                if (later < 0 || stretching && stretch(a, crew) && later(a, time.startOf(t), endOfFound(a)) < 0)
                    return t;
                next = Math.max(t + 1, time.liveAt(later));
            }
            t = nextFree(crew, next);
        }
        return -1;
    }

    private int endOfFound(int a) {
        return time.endOf(found[in.work[a] - 1]) + in.wait[a];
    }

    /** Puts the last quarter of an hour of what was found on the day on which the money is there. */
    private boolean stretch(int a, int[] crew) {
        int last = in.work[a] - 1;
        int day = purse.tooEarlyBefore(a, time.startOf(found[0]), endOfFound(a));
        if (in.inOneGo[a] || last < 1 || day == 0 || day >= time.days()) return false;
        int wanted = time.startOfDay(day) - in.wait[a];
        for (int t = found[last - 1] + 1; t < time.live; t++) {
            if (in.holdsBegun[a] && !hasPlace(a, t)) return false;
            if (!allIn(crew, t) || !isRoom(a, t)) continue;
            int busy = busySince(crew, t);
            if (busy != Integer.MAX_VALUE && busy > found[0]) return false;
            if (nextFree(crew, t) == t && time.endOf(t) >= wanted) {
                found[last] = t;
                return waits(a, found[0], t) < 0;
            }
        }
        return false;
    }

    /** The instant from which something that lies at these times may start at the soonest; negative when nothing stands against them. */
    int later(int a, int from, int to) {
        int later = -1;
        for (int b : in.apart[a]) if (placed[b] && from < end[b] && start[b] < to) later = Math.max(later, end[b]);
        for (int o : in.apartFromOpening[a])
            if (placed[in.refit[o]] && from < end[in.refit[o]] && opened(o) < to)
                later = Math.max(later, end[in.refit[o]]);
        int day = purse.tooEarlyBefore(a, from, to);
        if (day > 0)
            later = Math.max(
                    later,
                    day >= time.days()
                            ? time.horizon + 1
                            : Math.max(from + 1, time.startOfDay(day) - duesAtEndAfter(a, from, to)));
        return later;
    }

    /** What is due only at the end may start so much sooner. */
    private int duesAtEndAfter(int a, int from, int to) {
        boolean onlyAtEnd =
                in.activity[a].dues().stream().allMatch(d -> d.when() != Activity.Due.When.START || d.minor() == 0);
        return onlyAtEnd ? to - from : 0;
    }

    int opened(int opening) {
        return in.strip[opening] == Instance.NONE ? time.now : start[in.strip[opening]];
    }

    /** The first live slot from t on in which all of the crew are there and free. */
    int nextFree(int[] crew, int t) {
        if (crew.length == 0) return t;
        if (t >= time.live) return time.live;
        int word = t >> 6;
        long bits = freeWord(crew, word) & (-1L << t);
        while (bits == 0) {
            if (++word >= free[crew[0]].length) return time.live;
            bits = freeWord(crew, word);
        }
        return (word << 6) + Long.numberOfTrailingZeros(bits);
    }

    private long freeWord(int[] crew, int word) {
        long bits = free[crew[0]][word];
        for (int i = 1; i < crew.length; i++) bits &= free[crew[i]][word];
        return bits;
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

    /**
     * Works from a live slot on, in which the crew are free and there is room. Found slots are in {@link #found}.
     *
     * @return a negative number when it can be done; otherwise the first slot after this one from which to try again
     */
    private int tryFrom(int a, int[] crew, int from) {
        int work = in.work[a];
        found[0] = from;
        return work == 1 ? waits(a, from, from) : in.inOneGo[a] ? inOneGo(a, crew, from) : goesOn(a, crew, from);
    }

    private int inOneGo(int a, int[] crew, int from) {
        int slot = time.slotOf[from];
        for (int i = 1; i < in.work[a]; i++) {
            int t = from + i;
            if (t >= time.live) return time.live;
            if (time.slotOf[t] != slot + i || leavesWindow(crew, t)) return t;
            if (nextFree(crew, t) != t || !isRoom(a, t)) return t + 1;
            found[i] = t;
        }
        return waits(a, from, from + in.work[a] - 1);
    }

    private boolean leavesWindow(int[] crew, int t) {
        for (int p : crew) if (time.window[p][t] != time.window[p][t - 1]) return true;
        return false;
    }

    private int goesOn(int a, int[] crew, int from) {
        int done = 1;
        for (int t = from + 1; t < time.live; t++) {
            boolean room = isRoom(a, t);
            if (!room && in.holdsBegun[a] && !hasPlace(a, t)) return t + 1;
            if (!room || !allIn(crew, t)) continue;
            int busy = busySince(crew, t);
            if (busy == Integer.MAX_VALUE) {
                if (nextFree(crew, t) != t) continue; // kept free for what waits for money
                found[done++] = t;
                if (done == in.work[a]) return waits(a, from, t);
            } else if (busy > from) return busy + 1; // it would be laid aside for what is begun later
        }
        return time.live;
    }

    boolean allIn(int[] crew, int t) {
        for (int p : crew) if (time.window[p][t] == Clockwork.OUT) return false;
        return true;
    }

    /**
     * Since which live slot the crew is at something else: the earliest beginning; negative where one of it is at something with a fixed start;
     * the greatest number where all are free.
     */
    private int busySince(int[] crew, int t) {
        int since = Integer.MAX_VALUE;
        for (int p : crew) {
            int other = at[p][t];
            if (other >= 0) since = Math.min(since, in.isFixed(other) ? -1 : first[other]);
        }
        return since;
    }

    private int waits(int a, int from, int to) {
        if (in.holdsWaiting[a]) {
            int until = time.liveAt(time.endOf(to) + in.wait[a]);
            for (int t = to + 1; t < until; t++) if (!hasPlace(a, t)) return from + 1;
        }
        return -1;
    }

    /** What was left for later holds its people: they may not lay it aside. */
    private void keepFree(int a, int[] crew) {
        if (in.work[a] < 2) return;
        for (int t = found[in.work[a] - 2] + 1; t < last[a]; t++)
            if (allIn(crew, t) && isRoom(a, t)) for (int p : crew) free[p][t >> 6] &= ~(1L << t);
    }

    private void keep(int a, int from, int to) {
        start[a] = from;
        end[a] = to;
        first[a] = last[a] = -1;
        crew[a] = -1;
        note(a);
    }

    private void keep(int a, int c) {
        int work = in.work[a];
        first[a] = found[0];
        last[a] = found[work - 1];
        start[a] = time.startOf(first[a]);
        end[a] = time.endOf(last[a]) + in.wait[a];
        crew[a] = c;
        int[] people = in.crews[a][c];
        ownSlots[a] = people.length == 0 && last[a] - first[a] >= work ? Arrays.copyOf(found, work) : null;
        for (int p : people)
            for (int i = 0; i < work; i++) {
                at[p][found[i]] = a;
                free[p][found[i] >> 6] &= ~(1L << found[i]);
            }
        for (int r = 0; r < in.resources[a].length; r++)
            for (int i = 0; i < work; i++) load[in.resources[a][r]][found[i]] += in.amounts[a][r];
        if (in.place[a] >= 0) hold(a, found, load[in.place[a]], 1);
        note(a);
    }

    private void note(int a) {
        placed[a] = true;
        sequence[count++] = a;
        if (in.opens[a] != Instance.NONE) halfOpen[in.wayIn[in.opens[a]]]++;
        if (in.closes[a] != Instance.NONE) {
            int way = in.wayIn[in.closes[a]];
            halfOpen[way]--;
            closedUntil[way] = Math.max(closedUntil[way], end[a]);
        }
        purse.spend(a, start[a], end[a], 1);
    }

    private void hold(int a, int[] slots, int[] load, int sign) {
        if (in.holdsBegun[a]) for (int t = first[a]; t <= last[a]; t++) load[t] += sign;
        else for (int i = 0; i < in.work[a]; i++) load[slots[i]] += sign;
        if (in.holdsWaiting[a]) for (int t = last[a] + 1, to = time.liveAt(end[a]); t < to; t++) load[t] += sign;
    }

    /** The live slots of the work. */
    int[] slotsOf(int a) {
        int[] slots = new int[in.work[a]];
        if (slots.length == 0) return slots;
        int[] people = in.crews[a][crew[a]];
        if (people.length == 0 && ownSlots[a] != null) return ownSlots[a];
        int i = 0;
        for (int t = first[a]; i < slots.length; t++) if (people.length == 0 || at[people[0]][t] == a) slots[i++] = t;
        return slots;
    }

    /** Takes an activity out, to see what else could be; {@link #putBack} with the slots returned puts it back. */
    int[] takeOut(int a) {
        int[] slots = slotsOf(a);
        change(a, slots, -1);
        placed[a] = false;
        return slots;
    }

    void putBack(int a, int[] slots) {
        change(a, slots, 1);
        placed[a] = true;
    }

    private void change(int a, int[] slots, int sign) {
        purse.spend(a, start[a], end[a], sign);
        if (slots.length == 0) return;
        for (int p : in.crews[a][crew[a]])
            for (int t : slots) {
                at[p][t] = sign > 0 ? a : NOBODY;
                free[p][t >> 6] ^= 1L << t;
            }
        for (int r = 0; r < in.resources[a].length; r++)
            for (int t : slots) load[in.resources[a][r]][t] += sign * in.amounts[a][r];
        if (in.place[a] >= 0) hold(a, slots, load[in.place[a]], sign);
    }

    /** Puts what was taken out into other slots, by the same crew. */
    void putAt(int a, int[] slots) {
        first[a] = slots[0];
        last[a] = slots[slots.length - 1];
        start[a] = time.startOf(first[a]);
        end[a] = time.endOf(last[a]) + in.wait[a];
        if (in.crews[a][crew[a]].length == 0) ownSlots[a] = slots;
        putBack(a, slots);
    }

    /** Moves something without work to another instant. */
    void moveTo(int a, int instant) {
        takeOut(a);
        start[a] = instant;
        end[a] = instant + in.wait[a];
        putBack(a, new int[0]);
    }

    /** Whether the work, by the crew that it has, fits from exactly this live slot on; its slots are then {@link #foundSlots}. */
    boolean fitsFrom(int a, int t) {
        int[] people = in.crews[a][crew[a]];
        return begins(a, people, t) && tryFrom(a, people, t) < 0;
    }

    int[] foundSlots(int a) {
        return Arrays.copyOf(found, in.work[a]);
    }

    /** A stay that was closed only after something began that it excludes is opened after that, in another go if there is one. */
    private boolean tearsAState(int a, boolean again) {
        int o = in.closes[a];
        if (o == Instance.NONE) return false;
        boolean torn = false;
        for (int b : in.openingApartFrom[o])
            if (placed[b] && opened(o) < end[b] && start[b] < end[a] && start[b] < end[b]) {
                int strip = in.strip[o];
                if (!again || strip == Instance.NONE || in.isFixed(strip) || released[strip] >= end[b]) {
                    clash[b] = true; // the stay cannot be moved
                } else {
                    released[strip] = end[b];
                    torn = true;
                }
            }
        return torn;
    }

    private boolean isWhole() {
        for (int a = 0; a < in.size; a++) if (!placed[a] || misses(a)) return false;
        return !purse.isOverdrawn();
    }

    boolean isOverdrawn() {
        return purse.isOverdrawn();
    }

    /** Whether it lies in an excluded state, starts before what it waits for, or ends after its deadline. */
    boolean misses(int a) {
        return clash[a] || missesFixed(a) || missesDeadline(a);
    }

    private boolean missesFixed(int a) {
        if (!in.isFixed(a)) return false;
        for (int b : in.apart[a]) if (placed[b] && start[a] < end[b] && start[b] < end[a]) return true;
        for (Instance.Link l : in.before[a]) if (placed[l.other()] && end[l.other()] + l.lag() > start[a]) return true;
        return false;
    }

    boolean missesDeadline(int a) {
        return placed[a] && end[a] > in.deadline[a];
    }
}
