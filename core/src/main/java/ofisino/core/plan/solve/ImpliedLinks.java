package ofisino.core.plan.solve;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import ofisino.core.plan.job.Precedence;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;

/**
 * Who comes after whom: the links given, those that strip-downs bring with them, and those that follow because two strip-downs of one access, or a strip-down
 * and a state that it excludes, cannot overlap while one of them waits for the other.
 */
final class ImpliedLinks {
    private final Instance in;
    private final List<List<Instance.Link>> befores = new ArrayList<>();
    final Instance.Link[][] before;
    final Instance.Link[][] after;
    final int[] topological;
    /** By activity: all that depends on it; made only where something cannot overlap. */
    private BitSet[] behind = new BitSet[0];

    ImpliedLinks(Instance in) {
        this.in = in;
        for (int a = 0; a < in.size; a++) befores.add(new ArrayList<>());
        for (PlanProblem.Link l : in.problem.links())
            add(in.index.get(l.before()), in.index.get(l.after()), TimeGrid.capped(l.lag()), true);
        for (int o = 0; o < in.refit.length; o++) addStripDown(o);
        int[] sorted = sorted();
        boolean apart = false;
        for (int o = 0; o < in.refit.length; o++)
            apart |= in.sameWay[o].length > 0 || in.stripDownApartFrom[o].length > 0;
        while (apart) {
            behind = behind(sorted);
            if (!addForced()) break;
            sorted = sorted();
        }
        topological = sorted;
        before = new Instance.Link[in.size][];
        List<List<Instance.Link>> afters = new ArrayList<>();
        for (int a = 0; a < in.size; a++) afters.add(new ArrayList<>());
        for (int a = 0; a < in.size; a++) {
            before[a] = befores.get(a).toArray(Instance.Link[]::new);
            for (Instance.Link l : before[a]) afters.get(l.other()).add(new Instance.Link(a, l.lag(), l.given()));
        }
        after = afters.stream().map(l -> l.toArray(Instance.Link[]::new)).toArray(Instance.Link[][]::new);
    }

    private void add(int before, int after, int lag, boolean given) {
        befores.get(after).add(new Instance.Link(before, lag, given));
    }

    private void addStripDown(int o) {
        PlanProblem.StripDown stripDown = in.problem.stripDowns().get(o);
        if (in.strip[o] != Instance.NONE) add(in.strip[o], in.refit[o], 0, false);
        for (int a : in.jobs[o]) {
            if (in.strip[o] != Instance.NONE) add(in.strip[o], a, 0, false);
            add(a, in.refit[o], 0, false);
        }
        for (String id : stripDown.inside()) {
            int outer = in.stripDownIndex(id);
            if (in.strip[outer] != Instance.NONE && in.strip[o] != Instance.NONE)
                add(in.strip[outer], in.strip[o], 0, false);
            add(in.refit[o], in.refit[outer], 0, false);
        }
    }

    private boolean addForced() {
        boolean added = false;
        for (int o = 0; o < in.refit.length; o++) {
            for (int other : in.sameWay[o])
                // something in the other waits for something in this one: this one is closed first
                if (in.strip[other] != Instance.NONE && reaches(o, in.refit[other]))
                    added |= force(in.refit[o], in.strip[other]);
            for (int a : in.stripDownApartFrom[o]) {
                if (reaches(o, a)) added |= force(in.refit[o], a);
                if (in.strip[o] != Instance.NONE && behind[a].get(in.refit[o])) added |= force(a, in.strip[o]);
            }
        }
        return added;
    }

    /** Whether something done in the strip-down, and not only its closing, comes before the activity. */
    private boolean reaches(int stripDown, int a) {
        if (in.strip[stripDown] != Instance.NONE && behind[in.strip[stripDown]].get(a)) return true;
        for (int job : in.jobs[stripDown]) if (behind[job].get(a)) return true;
        return false;
    }

    private boolean force(int before, int after) {
        if (behind[before].get(after)) return false;
        add(before, after, 0, false);
        return true;
    }

    private BitSet[] behind(int[] sorted) {
        BitSet[] found = new BitSet[in.size];
        for (int a = 0; a < in.size; a++) found[a] = new BitSet(in.size);
        for (int i = sorted.length - 1; i >= 0; i--)
            for (Instance.Link l : befores.get(sorted[i])) {
                found[l.other()].set(sorted[i]);
                found[l.other()].or(found[sorted[i]]);
            }
        return found;
    }

    /** Kahn's algorithm; ties in the order given. */
    private int[] sorted() {
        int[] open = new int[in.size];
        int[] from = new int[in.size + 1];
        for (int a = 0; a < in.size; a++) {
            open[a] = befores.get(a).size();
            for (Instance.Link l : befores.get(a)) from[l.other() + 1]++;
        }
        for (int a = 0; a < in.size; a++) from[a + 1] += from[a];
        // of each activity those that come after it, between its from and the next one's
        int[] afters = new int[from[in.size]];
        int[] filled = from.clone();
        for (int a = 0; a < in.size; a++) for (Instance.Link l : befores.get(a)) afters[filled[l.other()]++] = a;
        int[] found = new int[in.size];
        int count = 0;
        for (int a = 0; a < in.size; a++) if (open[a] == 0) found[count++] = a;
        for (int i = 0; i < count; i++)
            for (int k = from[found[i]]; k < from[found[i] + 1]; k++)
                if (--open[afters[k]] == 0) found[count++] = afters[k];
        if (count < in.size) throw new Circle(circle());
        return found;
    }

    private List<ActivityId> circle() {
        List<Precedence.Link<ActivityId>> links = new ArrayList<>();
        for (PlanProblem.Link l : in.problem.links()) links.add(new Precedence.Link<>(l.before(), l.after()));
        for (int a = 0; a < in.size; a++)
            for (Instance.Link l : befores.get(a))
                if (!l.given()) links.add(new Precedence.Link<>(in.activity[l.other()].id(), in.activity[a].id()));
        return Precedence.circleIn(links).orElseThrow();
    }
}
