package ofisino.core.plan.solve;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * Lists of activities by priority. In all of them what is begun goes on first, then what is left of its package and all that this waits for, then comes
 * what the nearest milestone needs, then the rule decides, then the order given.
 *
 * <p>Source of the rules: Kolisch, EJOR 90 (1996) 320-333, tab. 1. Work is stretched by how seldom somebody is in the garage.
 */
final class PriorityRules {
    enum Rule {
        /** Whatever shares a strip-down one after the other, so that it is closed soon; the strip-down that presses most first. */
        BY_OPENING,
        /** One piece of work after the other, the one that presses most first. */
        BY_PIECE,
        LONGEST_TAIL,
        LATEST_FINISH,
        LATEST_START,
        MOST_SUCCESSORS,
        GIVEN
    }

    private final Instance in;
    final long[] latestFinish;
    private final long[] tail;
    private final long[] latestStart;
    private final int[] followers;

    PriorityRules(Instance in) {
        this.in = in;
        long[] early = new long[in.size];
        long[] length = new long[in.size];
        double stretch = in.time.live == 0 ? 1 : (double) in.time.slots / in.time.live;
        long end = 0;
        for (int a : in.topological) {
            length[a] = Math.round(in.work[a] * stretch * TimeGrid.SLOT_SECONDS) + in.wait[a];
            early[a] = Math.max(early[a], in.notBefore[a]);
            for (Instance.Link l : in.after[a])
                early[l.other()] = Math.max(early[l.other()], early[a] + length[a] + l.lag());
            end = Math.max(end, early[a] + length[a]);
        }
        latestFinish = new long[in.size];
        latestStart = new long[in.size];
        tail = new long[in.size];
        followers = new int[in.size];
        for (int i = in.size - 1; i >= 0; i--) {
            int a = in.topological[i];
            latestFinish[a] = end;
            for (Instance.Link l : in.after[a]) {
                latestFinish[a] = Math.min(latestFinish[a], latestStart[l.other()] - l.lag());
                tail[a] = Math.max(tail[a], tail[l.other()]);
                followers[a] += 1 + followers[l.other()];
            }
            if (in.deadline[a] != Integer.MAX_VALUE) latestFinish[a] = Math.min(latestFinish[a], in.deadline[a]);
            latestStart[a] = latestFinish[a] - length[a];
            tail[a] += length[a];
        }
    }

    int[] list(Rule rule) {
        return switch (rule) {
            case LONGEST_TAIL -> by(a -> -tail[a]);
            case LATEST_FINISH -> by(a -> latestFinish[a]);
            case LATEST_START -> by(a -> latestStart[a]);
            case MOST_SUCCESSORS -> by(a -> -followers[a]);
            case BY_OPENING -> byGroup(groups());
            case BY_PIECE -> byGroup(pieces());
            case GIVEN -> by(a -> 0);
        };
    }

    private interface Key {
        long of(int a);
    }

    /** The activity with the smallest key among those whose turn it may be. */
    private int[] by(Key key) {
        Comparator<Integer> first = inHandFirst()
                .thenComparingInt(a -> in.neededFor[a])
                .thenComparingLong(key::of)
                .thenComparingInt(a -> a);
        int[] preference = IntStream.range(0, in.size)
                .boxed()
                .sorted(first)
                .mapToInt(Integer::intValue)
                .toArray();
        return feasible(preference);
    }

    private Comparator<Integer> inHandFirst() {
        return Comparator.comparingInt(a -> in.activity[a].begun() ? 0 : in.forInHand[a] ? 1 : 2);
    }

    private int[] byGroup(int[] group) {
        long[] presses = new long[in.size];
        int[] milestone = new int[in.size];
        Arrays.fill(presses, Long.MAX_VALUE);
        Arrays.fill(milestone, Integer.MAX_VALUE);
        for (int a = 0; a < in.size; a++) {
            presses[group[a]] = Math.min(presses[group[a]], latestFinish[a]);
            milestone[group[a]] = Math.min(milestone[group[a]], in.neededFor[a]);
        }
        Comparator<Integer> first = inHandFirst()
                .thenComparingInt(a -> milestone[group[a]])
                .thenComparingLong(a -> presses[group[a]])
                .thenComparingInt(a -> group[a])
                .thenComparingLong(a -> latestFinish[a]);
        return feasible(IntStream.range(0, in.size)
                .boxed()
                .sorted(first)
                .mapToInt(Integer::intValue)
                .toArray());
    }

    /** Activities that are joined by strip-downs, each group by one of its number. */
    private int[] groups() {
        int[] group = IntStream.range(0, in.size).toArray();
        for (int o = 0; o < in.refit.length; o++) {
            for (int job : in.jobs[o]) join(group, job, in.refit[o]);
            if (in.strip[o] != Instance.NONE) join(group, in.strip[o], in.refit[o]);
        }
        for (int a = 0; a < in.size; a++) group[a] = leader(group, a);
        return group;
    }

    /** Activities of one piece of work, each piece by one of its number. */
    private int[] pieces() {
        int[] first = new int[in.pieces];
        Arrays.fill(first, Instance.NONE);
        int[] group = new int[in.size];
        for (int a = 0; a < in.size; a++) {
            int p = in.piece[a];
            if (p != Instance.NONE && first[p] == Instance.NONE) first[p] = a;
            group[a] = p == Instance.NONE ? a : first[p];
        }
        return group;
    }

    private static int leader(int[] group, int a) {
        while (group[a] != a) a = group[a];
        return a;
    }

    private static void join(int[] group, int a, int b) {
        group[leader(group, a)] = leader(group, b);
    }

    /** The same preference in a list in which none comes before what it follows. */
    int[] feasible(int[] preference) {
        int[] rank = new int[in.size];
        for (int i = 0; i < in.size; i++) rank[preference[i]] = i;
        int[] open = new int[in.size];
        var ready = new java.util.BitSet(in.size);
        for (int a = 0; a < in.size; a++) {
            open[a] = in.before[a].length;
            if (open[a] == 0) ready.set(rank[a]);
        }
        int[] list = new int[in.size];
        for (int i = 0; i < in.size; i++) {
            int next = ready.nextSetBit(0);
            ready.clear(next);
            list[i] = preference[next];
            for (Instance.Link l : in.after[list[i]]) if (--open[l.other()] == 0) ready.set(rank[l.other()]);
        }
        return list;
    }

    /** A list by ascending numbers, the topological place deciding where they are equal. */
    int[] ascending(int[] numbers) {
        long[] keys = new long[in.size];
        for (int i = 0; i < in.size; i++) keys[i] = (long) numbers[in.topological[i]] << 32 | i;
        Arrays.sort(keys);
        int[] list = new int[in.size];
        for (int i = 0; i < in.size; i++) list[i] = in.topological[(int) keys[i]];
        return list;
    }
}
