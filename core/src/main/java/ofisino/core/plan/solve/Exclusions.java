package ofisino.core.plan.solve;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.PlanProblem;

/** What may share no slot: whatever needs a state, with the strip-downs and send-outs that exclude it. */
final class Exclusions {
    final int[][] apart;
    final int[][] apartFromStripDown;
    final int[][] stripDownApartFrom;

    Exclusions(Instance in) {
        List<List<Integer>> activities = lists(in.size);
        List<List<Integer>> stripDowns = lists(in.size);
        List<List<Integer>> ofStripDown = lists(in.refit.length);
        Map<String, List<Integer>> needing = new HashMap<>();
        for (int a = 0; a < in.size; a++)
            for (String state : in.activity[a].states())
                needing.computeIfAbsent(state, s -> new ArrayList<>()).add(a);
        for (PlanProblem.Exclusion e : in.problem.exclusions()) {
            Integer excluding = in.index.get(new ActivityId(e.activityOrStripDown()));
            for (int a : needing.getOrDefault(e.state(), List.of())) {
                if (excluding != null && excluding != a) {
                    activities.get(a).add(excluding);
                    activities.get(excluding).add(a);
                } else if (excluding == null) {
                    int o = in.stripDownIndex(e.activityOrStripDown());
                    stripDowns.get(a).add(o);
                    ofStripDown.get(o).add(a);
                }
            }
        }
        apart = arrays(activities);
        apartFromStripDown = arrays(stripDowns);
        stripDownApartFrom = arrays(ofStripDown);
    }

    private static List<List<Integer>> lists(int size) {
        List<List<Integer>> found = new ArrayList<>();
        for (int i = 0; i < size; i++) found.add(new ArrayList<>());
        return found;
    }

    private static int[][] arrays(List<List<Integer>> lists) {
        return lists.stream()
                .map(l -> l.stream().distinct().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }
}
