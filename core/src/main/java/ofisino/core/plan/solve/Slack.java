package ofisino.core.plan.solve;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Plan;
import ofisino.core.plan.problem.PlanProblem;

/**
 * How late each activity may start without any milestone getting later, the others giving way where they can: the plan is shifted to the right,
 * the last first. What an order may wait is its order-by date, what a send-out may wait its send-by date.
 *
 * <p>Source: total float by justification to the right, Wiest, Operations Research 12 (1964) 395-418. Stays that may not overlap with something
 * are left where they are, so that their float is never said to be more than it is.
 */
public final class Slack {
    private final ScheduleGeneration pass;
    private final Moves moves;
    private final Instance in;
    private final TimeGrid time;
    private final int[] milestoneEnd;

    private Slack(ScheduleGeneration pass) {
        this.pass = pass;
        this.moves = new Moves(pass);
        this.in = pass.in;
        this.time = in.time;
        milestoneEnd = new int[in.milestones.length];
        for (int m = 0; m < milestoneEnd.length; m++)
            for (int a : in.milestones[m]) milestoneEnd[m] = Math.max(milestoneEnd[m], pass.end[a]);
    }

    /** Latest starts by activity; empty where the plan breaks a rule of the problem. */
    public static Map<ActivityId, Instant> latestStarts(PlanProblem problem, Plan plan) {
        var here = new Setting(problem);
        var blocks = new Blocks(problem, here);
        Optional<ScheduleGeneration> whole =
                KeptPlan.stillHolds(new Instance(blocks.folded(), here), blocks.fold(plan));
        if (whole.isPresent() || blocks.isEmpty()) return blocks.unfold(latestStarts(whole));
        return latestStarts(KeptPlan.stillHolds(new Instance(problem, here), plan));
    }

    private static Map<ActivityId, Instant> latestStarts(Optional<ScheduleGeneration> pass) {
        Map<ActivityId, Instant> found = new LinkedHashMap<>();
        pass.map(Slack::new).ifPresent(slack -> slack.shiftRight(found));
        return found;
    }

    private void shiftRight(Map<ActivityId, Instant> found) {
        for (int i = in.size - 1; i >= 0; i--) shift(in.topological[i]);
        for (int a : in.topological) found.put(in.activity[a].id(), time.instantAt(pass.start[a]));
    }

    private void shift(int a) {
        if (in.isFixed(a) || isHeld(a)) return;
        int latest = in.neededFor[a] < milestoneEnd.length ? milestoneEnd[in.neededFor[a]] : time.horizon;
        latest = Math.min(latest, in.deadline[a]);
        for (Instance.Link l : in.after[a]) latest = Math.min(latest, pass.start[l.other()] - l.lag());
        if (latest <= pass.end[a]) return;
        if (in.work[a] == 0) {
            int later = in.latestStart(a, latest);
            if (later > pass.start[a]) moves.moveTo(a, later);
            return;
        }
        int[] slots = moves.takeOut(a);
        int from = Math.min(time.live - 1, time.liveAt(latest - in.wait[a]));
        for (int t = from; t > pass.first[a]; t--)
            if (moves.fitsFrom(a, t)) {
                int[] would = moves.foundSlots(a);
                int end = time.endOf(would[would.length - 1]) + in.wait[a];
                if (end <= latest && pass.earliestPlace.later(a, time.startOf(t), end) < 0) {
                    moves.putAt(a, would);
                    return;
                }
            }
        moves.putBack(a, slots);
    }

    private boolean isHeld(int a) {
        int opens = in.opens[a];
        int closes = in.closes[a];
        return in.apart[a].length > 0
                || in.apartFromStripDown[a].length > 0
                || opens != Instance.NONE && (in.sameWay[opens].length > 0 || in.stripDownApartFrom[opens].length > 0)
                || closes != Instance.NONE
                        && (in.sameWay[closes].length > 0 || in.stripDownApartFrom[closes].length > 0)
                || opens != Instance.NONE && in.takes[opens] > 0
                || closes != Instance.NONE && in.takes[closes] > 0;
    }
}
