package ofisino.core.plan.solve;

import java.util.Arrays;
import java.util.BitSet;

/**
 * One schedule, made by placing one activity after the other where it breaks no rule. The arrays are used again by the next pass.
 *
 * <p>Sources: serial and parallel schedule generation, Kolisch, EJOR 90 (1996) 320-333.
 */
final class ScheduleGeneration {
    /** Two strip-downs cannot be told apart more often than this; then the order is given up. */
    private static final int MOST_REPAIRS = 24;

    final Instance in;
    private final TimeGrid time;

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

    final ResourceProfile shed;
    final SlotSearch finder;
    final EarliestPlace earliestPlace;
    final Purses purse;
    /** By activity: it does not start before, found out by this pass (seconds). */
    private final int[] released;

    private final OpenStates openStates;
    final ShelfRoom shelf;
    final OpenPieces openPieces;
    private final int[] openBefore;
    private final BitSet ready = new BitSet();
    /** By activity without a crew: its slots, where they are not one stretch. */
    final int[][] ownSlots;

    ScheduleGeneration(Instance in) {
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
        shed = new ResourceProfile(in);
        finder = new SlotSearch(in, shed, first);
        earliestPlace = new EarliestPlace(in, this);
        purse = new Purses(in);
        released = new int[in.size];
        openStates = new OpenStates(in, placed);
        shelf = new ShelfRoom(in, this);
        openPieces = new OpenPieces(in);
        openBefore = new int[in.size];
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
        earliestPlace.stretching = stretch;
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
        earliestPlace.stretching = false;
        Arrays.fill(released, 0);
        int[] rank = rankOf(list);
        begin(rank);
        for (int t = 0; t < time.live && count < in.size; t++)
            for (int i = ready.nextSetBit(0); i >= 0; i = ready.nextSetBit(i + 1)) {
                int a = list[i];
                if (shut(a) || earliest(a) > time.startOf(t)) continue;
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

    /** Empties the schedule; only what has a fixed start is placed. */
    void startOver() {
        earliestPlace.stretching = false;
        Arrays.fill(released, 0);
        begin(rankOf(in.topological));
    }

    /** Places something without work at an instant. */
    void placeAt(int a, int instant) {
        keep(a, instant, in.endFrom(a, instant));
    }

    /** Places work in just these slots, if they are allowed. */
    boolean placeAt(int a, int c, int[] slots) {
        if (!finder.isAllowed(a, in.crews[a][c], slots)) return false;
        System.arraycopy(slots, 0, finder.found, 0, slots.length);
        keep(a, c);
        return true;
    }

    private static int[] rankOf(int[] list) {
        int[] rank = new int[list.length];
        for (int i = 0; i < list.length; i++) rank[list[i]] = i;
        return rank;
    }

    /** Nothing has a place. */
    void empty() {
        count = 0;
        Arrays.fill(placed, false);
        Arrays.fill(clash, false);
        Arrays.fill(first, Instance.NONE);
        Arrays.fill(crew, Instance.NONE);
        shed.clear();
        purse.reset();
        ready.clear();
        openStates.clear();
        openPieces.clear();
    }

    private void begin(int[] rank) {
        empty();
        for (int a = 0; a < in.size; a++) openBefore[a] = in.before[a].length;
        for (int a = 0; a < in.size; a++) if (openBefore[a] == 0 && !in.isFixed(a)) ready.set(rank[a]);
        for (int a = 0; a < in.size; a++)
            if (in.isFixed(a)) {
                if (placeFixed(a)) follow(a, rank);
            }
    }

    private void follow(int a, int[] rank) {
        for (int next : in.next[a])
            if (--openBefore[next] == 0 && !placed[next] && !in.isFixed(next)) ready.set(rank[next]);
    }

    private int nextReady(int[] list) {
        int otherwise = -1;
        for (int i = ready.nextSetBit(0); i >= 0; i = ready.nextSetBit(i + 1))
            if (!shut(list[i])) {
                if (openPieces.shut(list[i])) {
                    if (otherwise < 0) otherwise = i;
                    continue;
                }
                ready.clear(i);
                return list[i];
            }
        if (otherwise < 0) return -1;
        ready.clear(otherwise); // what is open waits for it: better one too many than none finished
        return list[otherwise];
    }

    private boolean shut(int a) {
        return openStates.shut(a) || shelf.isFullFor(a);
    }

    /** The earliest instant that links, the day before which it may not be, and other strip-downs of the access allow. */
    int earliest(int a) {
        int earliest = Math.max(Math.max(time.now, in.notBefore[a]), released[a]);
        for (Instance.Link l : in.before[a])
            if (placed[l.other()]) earliest = Math.max(earliest, end[l.other()] + l.lag());
        return openPieces.from(a, shelf.from(a, Math.max(earliest, openStates.closedBefore(a))));
    }

    private boolean placeFixed(int a) {
        int from = in.fixed[a];
        if (from < time.now || from >= time.horizon) return false;
        if (in.work[a] == 0) {
            keep(a, from, in.endFrom(a, from));
            return true;
        }
        int t = time.liveAt(from);
        if (t >= time.live || time.startOf(t) != from) return false;
        for (int c = 0; c < in.crews[a].length; c++)
            if (finder.begins(a, in.crews[a][c], t) && finder.tryFrom(a, in.crews[a][c], t) < 0) {
                keep(a, c);
                return true;
            }
        return false;
    }

    private boolean canStart(int a, int t) {
        for (int[] crew : in.crews[a]) if (finder.begins(a, crew, t) && finder.tryFrom(a, crew, t) < 0) return true;
        return false;
    }

    private boolean place(int a) {
        int earliest = earliest(a);
        if (in.work[a] == 0) {
            int from = earliestPlace.startWithoutWork(a, earliest);
            if (from > time.horizon) return false;
            keep(a, from, in.endFrom(a, from));
            return true;
        }
        int best = earliestPlace.quickestCrew(a, earliest);
        if (best < 0) return false;
        keep(a, best);
        if (earliestPlace.stretching && in.work[a] > 1)
            shed.keepFree(a, in.crews[a][best], finder.found[in.work[a] - 2], last[a]);
        return true;
    }

    int opened(int stripDown) {
        return in.strip[stripDown] == Instance.NONE ? time.now : start[in.strip[stripDown]];
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
        int[] found = finder.found;
        first[a] = found[0];
        last[a] = found[work - 1];
        start[a] = time.startOf(first[a]);
        end[a] = time.endOf(last[a]) + in.wait[a];
        crew[a] = c;
        int[] people = in.crews[a][c];
        ownSlots[a] = people.length == 0 && last[a] - first[a] >= work ? Arrays.copyOf(found, work) : null;
        shed.take(a, people, found, end[a]);
        note(a);
    }

    private void note(int a) {
        placed[a] = true;
        sequence[count++] = a;
        openStates.note(a, end[a]);
        openPieces.note(a, end[a]);
        purse.spend(a, start[a], end[a], 1);
    }

    /** The live slots of the work. */
    int[] slotsOf(int a) {
        int[] slots = new int[in.work[a]];
        if (slots.length == 0) return slots;
        int[] people = in.crews[a][crew[a]];
        if (people.length == 0 && ownSlots[a] != null) return ownSlots[a];
        int i = 0;
        for (int t = first[a]; i < slots.length; t++)
            if (people.length == 0 || shed.at[people[0]][t] == a) slots[i++] = t;
        return slots;
    }

    /** A strip-down that was closed only after something began that it excludes is opened after that, in another go if there is one. */
    private boolean tearsAState(int a, boolean again) {
        int o = in.closes[a];
        if (o == Instance.NONE) return false;
        boolean torn = false;
        for (int b : in.stripDownApartFrom[o])
            if (placed[b] && opened(o) < end[b] && start[b] < end[a] && start[b] < end[b]) {
                int strip = in.strip[o];
                if (!again || strip == Instance.NONE || in.isFixed(strip) || released[strip] >= end[b]) {
                    clash[b] = true; // the strip-down cannot be moved
                } else {
                    released[strip] = end[b];
                    torn = true;
                }
            }
        return torn;
    }

    /** Whether everything has a place, no fixed start or deadline is missed, and there is money on every day. */
    boolean isWhole() {
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
