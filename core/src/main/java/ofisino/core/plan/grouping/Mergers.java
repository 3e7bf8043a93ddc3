package ofisino.core.plan.grouping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;
import ofisino.core.plan.whatif.UnitedStripDowns;

/**
 * Which strip-downs can be one without anything waiting for itself: found out on the order alone, without a plan. One after the other they are put into
 * the first group of their access that takes them.
 */
final class Mergers {
    private final Set<String> apart;
    private final List<StripDown> stripDowns;
    private final UnitedStripDowns united;
    private final int[] strip;
    private final int[] refit;
    private final int[][] jobs;
    /** By activity: the strip-down that it opens or closes; −1 for a job. */
    private final int[] end;
    /** Links, by the places of their activities. */
    private final int[] before;

    private final int[] after;
    private final Order order;

    /** @param apart strip-downs that stay by themselves */
    Mergers(PlanProblem problem, Set<String> apart) {
        this.apart = apart;
        this.stripDowns = problem.stripDowns();
        Map<ActivityId, Integer> index = new HashMap<>();
        for (int a = 0; a < problem.activities().size(); a++)
            index.put(problem.activities().get(a).id(), a);
        united = new UnitedStripDowns(stripDowns);
        strip = each(o -> o.strip().map(index::get).orElse(-1));
        refit = each(o -> index.get(o.refit()));
        jobs = stripDowns.stream()
                .map(o -> o.jobs().stream().mapToInt(index::get).toArray())
                .toArray(int[][]::new);
        end = new int[index.size()];
        Arrays.fill(end, -1);
        for (int o = 0; o < strip.length; o++) {
            if (strip[o] >= 0) end[strip[o]] = o;
            end[refit[o]] = o;
        }
        before = problem.links().stream().mapToInt(l -> index.get(l.before())).toArray();
        after = problem.links().stream().mapToInt(l -> index.get(l.after())).toArray();
        order = new Order(index.size());
    }

    private int[] each(ToIntFunction<StripDown> of) {
        return stripDowns.stream().mapToInt(of).toArray();
    }

    /** Puts them, all of one access, into as few groups as their order takes. */
    void merge(List<String> inOrder) {
        List<Integer> groups = new ArrayList<>();
        for (String id : inOrder) {
            int o = united.placeOf(id);
            boolean taken = groups.stream().anyMatch(g -> united.leader(g) == united.leader(o))
                    || groups.stream().anyMatch(g -> takes(g, o));
            if (!taken) groups.add(o);
        }
    }

    private boolean takes(int group, int other) {
        int[] before = united.asItIs();
        united.unite(group, other);
        if (!touchesApart(before) && !hasCircle()) return true;
        united.putBack(before);
        return false;
    }

    private boolean touchesApart(int[] before) {
        for (int o = 0; o < before.length; o++)
            if (united.leader(o) != before[o]
                    && (apart.contains(stripDowns.get(o).id())
                            || apart.contains(stripDowns.get(united.leader(o)).id()))) return true;
        return false;
    }

    private boolean hasCircle() {
        int[] size = new int[strip.length];
        for (int o = 0; o < size.length; o++) size[united.leader(o)]++;
        order.clear();
        for (int l = 0; l < before.length; l++)
            // what belongs to one of several that are one is said anew below
            if (!isMerged(before[l], size) && !isMerged(after[l], size)) order.add(before[l], after[l]);
        for (int o = 0; o < size.length; o++) {
            int its = united.leader(o);
            for (int job : jobs[o]) {
                if (strip[its] >= 0) order.add(strip[its], job);
                order.add(job, refit[its]);
            }
            for (int needed : united.inside(o)) {
                int outer = united.leader(needed);
                if (outer == its) continue;
                if (strip[outer] >= 0 && strip[its] >= 0) order.add(strip[outer], strip[its]);
                order.add(refit[its], refit[outer]);
            }
        }
        return order.isCircular();
    }

    private boolean isMerged(int a, int[] size) {
        return end[a] >= 0 && size[united.leader(end[a])] > 1;
    }

    /** The groups of more than one, those that they need among them. */
    List<List<String>> groups() {
        Map<Integer, List<String>> found = new HashMap<>();
        for (int o = 0; o < stripDowns.size(); o++)
            found.computeIfAbsent(united.leader(o), leader -> new ArrayList<>())
                    .add(stripDowns.get(o).id());
        return found.values().stream().filter(g -> g.size() > 1).collect(Collectors.toList());
    }

    /** What comes before what, in numbers that are used again and again. */
    private static final class Order {
        private final int[] first;
        private final int[] open;
        private final int[] ready;
        private int[] then = new int[1024];
        private int[] next = new int[1024];
        private int count;

        Order(int size) {
            first = new int[size];
            open = new int[size];
            ready = new int[size];
        }

        void clear() {
            Arrays.fill(first, -1);
            Arrays.fill(open, 0);
            count = 0;
        }

        void add(int before, int after) {
            if (count == then.length) {
                then = Arrays.copyOf(then, 2 * count);
                next = Arrays.copyOf(next, 2 * count);
            }
            then[count] = after;
            next[count] = first[before];
            first[before] = count++;
            open[after]++;
        }

        /** Kahn's algorithm. */
        boolean isCircular() {
            int done = 0;
            for (int a = 0; a < open.length; a++) if (open[a] == 0) ready[done++] = a;
            for (int i = 0; i < done; i++)
                for (int link = first[ready[i]]; link >= 0; link = next[link])
                    if (--open[then[link]] == 0) ready[done++] = then[link];
            return done < open.length;
        }
    }
}
