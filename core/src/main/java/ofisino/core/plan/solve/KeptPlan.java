package ofisino.core.plan.solve;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ofisino.core.plan.problem.Plan;

/** The plan that is followed, looked at again in what has become of the problem. */
final class KeptPlan {
    private KeptPlan() {}

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
        var rules = new PriorityRules(in);
        return rules.feasible(rules.ascending(starts));
    }

    /** The same plan, where it still places every activity and breaks no rule; what is over by now is left out. */
    static Optional<ScheduleGeneration> stillHolds(Instance in, Plan plan) {
        var pass = new ScheduleGeneration(in);
        pass.startOver();
        for (Plan.Scheduled s : plan.activities().values()) {
            Integer a = in.index.get(s.id());
            if (a != null && !fits(pass, a, s)) return Optional.empty();
        }
        for (int a = 0; a < in.size; a++) if (!pass.placed[a] || !keepsOrder(pass, a)) return Optional.empty();
        return pass.isWhole() ? Optional.of(pass) : Optional.empty();
    }

    private static boolean fits(ScheduleGeneration pass, int a, Plan.Scheduled s) {
        Instance in = pass.in;
        int start = in.time.secondsAt(s.start());
        if (pass.placed[a] || in.isFixed(a)) return pass.placed[a] && pass.start[a] == start;
        if (start < Math.max(in.time.now, in.notBefore[a])) return false;
        if (in.work[a] == 0) {
            if (in.openAt(a, start) != start) return false;
            pass.placeAt(a, start);
            return true;
        }
        int[] slots = slots(in, s);
        int crew = crew(in, a, s);
        return crew >= 0
                && slots.length == in.work[a]
                && in.time.startOf(slots[0]) == start
                && pass.placeAt(a, crew, slots);
    }

    /** Links, strip-downs of one access, and states, once everything is placed. */
    private static boolean keepsOrder(ScheduleGeneration pass, int a) {
        Instance in = pass.in;
        int start = pass.start[a];
        int end = pass.end[a];
        for (Instance.Link l : in.before[a]) if (pass.end[l.other()] + l.lag() > start) return false;
        for (int b : in.apart[a]) if (start < pass.end[b] && pass.start[b] < end) return false;
        for (int o : in.apartFromStripDown[a])
            if (start < end && start < pass.end[in.refit[o]] && pass.opened(o) < end) return false;
        int mine = in.opens[a];
        if (mine != Instance.NONE && !pass.shelf.holds(mine)) return false;
        if (mine != Instance.NONE)
            for (int other : in.sameWay[mine])
                if (start < pass.end[in.refit[other]] && pass.opened(other) < pass.end[in.refit[mine]]) return false;
        return true;
    }

    private static int[] slots(Instance in, Plan.Scheduled s) {
        return s.stretches().stream()
                .flatMapToInt(w -> IntStream.range(
                        in.time.liveAt(in.time.secondsAt(w.from())), in.time.liveAt(in.time.secondsAt(w.to()))))
                .toArray();
    }

    /** Which of its crews did it; negative when there is no such crew. */
    private static int crew(Instance in, int a, Plan.Scheduled s) {
        for (int c = 0; c < in.crews[a].length; c++) {
            List<String> names = Arrays.stream(in.crews[a][c])
                    .mapToObj(p -> in.problem.people().get(p).id())
                    .toList();
            if (names.equals(s.people())) return c;
        }
        return -1;
    }
}
