package ofisino.core.plan.solve;

import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import ofisino.core.plan.problem.Plan;

/** On which days the plan that is followed, if there is one, begins what is still to do; what is near weighs ten times. */
final class KeptDays {
    private static final Duration NEAR = Duration.ofDays(14);
    private static final int NEAR_WEIGHS = 10;
    private static final int NOT_IN_IT = -1;

    /** By activity: the number of a day. */
    final int[] day;

    /** By activity: what it costs to begin it on another day. */
    final int[] weight;

    KeptDays(Instance in) {
        day = new int[in.size];
        weight = new int[in.size];
        Arrays.fill(day, NOT_IN_IT);
        in.problem.kept().ifPresent(kept -> put(in, kept));
    }

    private void put(Instance in, Plan kept) {
        Instant near = in.problem.now().plus(NEAR);
        for (int a = 0; a < in.size; a++) {
            Plan.Scheduled before = kept.activities().get(in.activity[a].id());
            if (before == null) continue;
            day[a] = in.time.dayOf(in.time.secondsAt(before.start()));
            weight[a] = before.start().isBefore(near) ? NEAR_WEIGHS : 1;
        }
    }

    boolean has(int a) {
        return day[a] != NOT_IN_IT;
    }
}
