package ofisino.core.plan.grouping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/**
 * Which strip-downs can be one without anything waiting for itself: found out on the order alone, without a plan. One after the other they are put into
 * the first group of their access that takes them.
 */
final class Mergers {
    private final PlanProblem problem;
    private final Set<String> apart;
    private final Map<ActivityId, Integer> index = new HashMap<>();
    private final List<StripDown> stripDowns;
    private final Map<String, Integer> byId = new HashMap<>();
    /** By strip-down: the one that it has become. */
    private int[] into;

    private final int[] strip;
    private final int[] refit;
    /** By activity: the strip-down that it opens or closes; −1 for a job. */
    private final int[] end;

    /** @param apart strip-downs that stay by themselves */
    Mergers(PlanProblem problem, Set<String> apart) {
        this.problem = problem;
        this.apart = apart;
        this.stripDowns = problem.stripDowns();
        for (int a = 0; a < problem.activities().size(); a++)
            index.put(problem.activities().get(a).id(), a);
        into = new int[stripDowns.size()];
        strip = new int[stripDowns.size()];
        refit = new int[stripDowns.size()];
        end = new int[index.size()];
        Arrays.fill(end, -1);
        for (int o = 0; o < into.length; o++) {
            into[o] = o;
            byId.put(stripDowns.get(o).id(), o);
            strip[o] = stripDowns.get(o).strip().map(index::get).orElse(-1);
            refit[o] = index.get(stripDowns.get(o).refit());
            if (strip[o] >= 0) end[strip[o]] = o;
            end[refit[o]] = o;
        }
    }

    /** Puts them, all of one access, into as few groups as their order takes. */
    void merge(List<String> inOrder) {
        List<Integer> groups = new ArrayList<>();
        for (String id : inOrder) {
            int o = byId.get(id);
            boolean taken = groups.stream().anyMatch(g -> into[g] == into[o])
                    || groups.stream().anyMatch(g -> takes(g, o));
            if (!taken) groups.add(o);
        }
    }

    private boolean takes(int group, int other) {
        int[] before = into.clone();
        unite(group, other);
        mergeWhatTheyNeed();
        if (touchesApart(before) || hasCircle()) {
            into = before;
            return false;
        }
        return true;
    }

    private void unite(int one, int other) {
        int to = into[one];
        int from = into[other];
        for (int o = 0; o < into.length; o++) if (into[o] == from) into[o] = to;
    }

    /** A strip-down lies inside one strip-down of each thing that it needs. */
    private void mergeWhatTheyNeed() {
        for (boolean again = true; again; ) {
            again = false;
            Map<String, Integer> outer = new HashMap<>();
            for (int o = 0; o < into.length; o++)
                for (String id : stripDowns.get(o).inside()) {
                    int needed = byId.get(id);
                    Integer known = outer.putIfAbsent(
                            into[o] + " in " + stripDowns.get(needed).access(), needed);
                    if (known != null && into[known] != into[needed]) {
                        unite(known, needed);
                        again = true;
                    }
                }
        }
    }

    private boolean touchesApart(int[] before) {
        for (int o = 0; o < into.length; o++)
            if (into[o] != before[o]
                    && (apart.contains(stripDowns.get(o).id())
                            || apart.contains(stripDowns.get(into[o]).id()))) return true;
        return false;
    }

    private boolean hasCircle() {
        List<List<Integer>> after = new ArrayList<>();
        for (int a = 0; a < end.length; a++) after.add(new ArrayList<>());
        int[] size = new int[into.length];
        for (int leader : into) size[leader]++;
        for (PlanProblem.Link l : problem.links()) {
            int before = index.get(l.before());
            int then = index.get(l.after());
            // what belongs to one of several that are one is said anew below
            if (!isMerged(before, size) && !isMerged(then, size))
                after.get(before).add(then);
        }
        for (int o = 0; o < into.length; o++) {
            for (ActivityId job : stripDowns.get(o).jobs()) {
                if (strip[into[o]] >= 0) after.get(strip[into[o]]).add(index.get(job));
                after.get(index.get(job)).add(refit[into[o]]);
            }
            for (String id : stripDowns.get(o).inside()) {
                int outer = into[byId.get(id)];
                if (outer == into[o]) continue;
                if (strip[outer] >= 0 && strip[into[o]] >= 0)
                    after.get(strip[outer]).add(strip[into[o]]);
                after.get(refit[into[o]]).add(refit[outer]);
            }
        }
        return isCircular(after);
    }

    private boolean isMerged(int a, int[] size) {
        return end[a] >= 0 && size[into[end[a]]] > 1;
    }

    /** Kahn's algorithm. */
    private static boolean isCircular(List<List<Integer>> after) {
        int[] open = new int[after.size()];
        after.forEach(all -> all.forEach(b -> open[b]++));
        int[] ready = new int[open.length];
        int count = 0;
        for (int a = 0; a < open.length; a++) if (open[a] == 0) ready[count++] = a;
        for (int i = 0; i < count; i++) for (int b : after.get(ready[i])) if (--open[b] == 0) ready[count++] = b;
        return count < open.length;
    }

    /** The groups of more than one, those that they need among them. */
    List<List<String>> groups() {
        Map<Integer, List<String>> found = new HashMap<>();
        for (int o = 0; o < into.length; o++)
            found.computeIfAbsent(into[o], leader -> new ArrayList<>())
                    .add(stripDowns.get(o).id());
        return found.values().stream().filter(g -> g.size() > 1).collect(Collectors.toList());
    }
}
