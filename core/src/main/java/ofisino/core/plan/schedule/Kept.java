package ofisino.core.plan.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ofisino.core.plan.calendar.TimeWindow;

/** The plan that is followed, looked at again in what has become of the problem. */
final class Kept {
    private Kept() {}

    /** The activities in the order of the plan; what it does not know comes where its followers begin. */
    static int[] listOf(Instance in, Plan plan) {
        int[] starts = new int[in.size];
        for (int i = in.size - 1; i >= 0; i--) {
            int a = in.topological[i];
            Plan.Scheduled s = plan.activities().get(in.activity[a].id());
            int soonest = Integer.MAX_VALUE;
            for (Instance.Link l : in.after[a]) soonest = Math.min(soonest, starts[l.other()]);
            starts[a] = s == null ? soonest : in.time.secondsAt(s.start());
        }
        var rules = new Rules(in);
        return rules.feasible(rules.ascending(starts));
    }

    /** The same plan, where it still places every activity and breaks no rule; what is over by now is left out. */
    static Optional<Pass> stillHolds(Instance in, Plan plan) {
        var pass = new Pass(in);
        Map<Integer, Pass.Wish> wishes = new LinkedHashMap<>();
        for (Plan.Scheduled s : plan.activities().values()) {
            Integer a = in.index.get(s.id());
            if (a != null) wishes.put(a, new Pass.Wish(in.time.secondsAt(s.start()), slots(in, s), crew(in, a, s)));
        }
        return pass.exactly(wishes) ? Optional.of(pass) : Optional.empty();
    }

    private static int[] slots(Instance in, Plan.Scheduled s) {
        return s.stays().stream()
                .flatMapToInt(w -> slots(in, w).stream().mapToInt(Integer::intValue))
                .toArray();
    }

    private static List<Integer> slots(Instance in, TimeWindow stay) {
        List<Integer> found = new ArrayList<>();
        int to = in.time.liveAt(in.time.secondsAt(stay.to()));
        for (int t = in.time.liveAt(in.time.secondsAt(stay.from())); t < to; t++) found.add(t);
        return found;
    }

    /** Which of its crews did it; negative when there is no such crew. */
    private static int crew(Instance in, int a, Plan.Scheduled s) {
        List<String> people = s.people();
        for (int c = 0; c < in.crews[a].length; c++) {
            List<String> names = Arrays.stream(in.crews[a][c])
                    .mapToObj(p -> in.problem.people().get(p).id())
                    .toList();
            if (names.equals(people)) return c;
        }
        return -1;
    }
}
