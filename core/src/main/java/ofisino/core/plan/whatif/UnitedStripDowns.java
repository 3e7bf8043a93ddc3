package ofisino.core.plan.whatif;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.plan.problem.PlanProblem.StripDown;

/** Strip-downs of which several become one, and with them those of what they need; known by their place in the list. */
public final class UnitedStripDowns {
    private final Map<String, Integer> byId = new HashMap<>();
    /** By strip-down: the one that it has become. */
    private int[] into;
    /** By strip-down: those of what it needs. */
    private final int[][] inside;
    /** By strip-down: the number of its access. */
    private final int[] access;

    private final int accesses;

    /** Each by itself. */
    public UnitedStripDowns(List<StripDown> stripDowns) {
        into = new int[stripDowns.size()];
        for (int o = 0; o < into.length; o++) {
            into[o] = o;
            byId.put(stripDowns.get(o).id(), o);
        }
        List<String> names =
                stripDowns.stream().map(StripDown::access).distinct().toList();
        accesses = names.size();
        access = stripDowns.stream().mapToInt(o -> names.indexOf(o.access())).toArray();
        inside = stripDowns.stream()
                .map(o -> o.inside().stream().mapToInt(byId::get).toArray())
                .toArray(int[][]::new);
    }

    /** Where it stands in the list. */
    public int placeOf(String id) {
        return byId.get(id);
    }

    /** The one that it has become. */
    public int leader(int stripDown) {
        return into[stripDown];
    }

    /** Those of what it needs, each as it was. */
    public int[] inside(int stripDown) {
        return inside[stripDown];
    }

    /** By strip-down, the one that it has become: to be put back if it was a mistake. */
    public int[] asItIs() {
        return into.clone();
    }

    /** As it was. @param before from {@link #asItIs} */
    public void putBack(int[] before) {
        into = before.clone();
    }

    /** Makes two of one access one, and those of what they need: a strip-down lies inside one strip-down of each thing that it needs. */
    public void unite(int one, int other) {
        uniteAlone(one, other);
        int[] outer = new int[into.length * accesses];
        for (boolean again = true; again; ) {
            again = false;
            Arrays.fill(outer, -1);
            for (int o = 0; o < into.length; o++)
                for (int needed : inside[o]) {
                    int key = into[o] * accesses + access[needed];
                    int known = outer[key];
                    if (known < 0) outer[key] = needed;
                    else if (into[known] != into[needed]) {
                        uniteAlone(known, needed);
                        again = true;
                    }
                }
        }
    }

    private void uniteAlone(int one, int other) {
        int to = into[one];
        int from = into[other];
        for (int o = 0; o < into.length; o++) if (into[o] == from) into[o] = to;
    }
}
