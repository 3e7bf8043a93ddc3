package ofisino.core.plan.solve;

import java.util.Arrays;
import java.util.BitSet;
import ofisino.core.plan.problem.PlanProblem;

/**
 * How good a schedule is, the first differing number deciding and the smaller being better: what could not be placed; what is late against a
 * deadline; the days on which more pieces of work are open than the policy allows; where there are pieces of work or hired tools, each milestone in
 * steps of a person's patience, the days until the pieces that are begun are finished, on how many visits somebody helps, on how many days a tool
 * is hired, and how many pieces more than one a session holds; the day of each milestone in the order of the project's policy; days after the target; moves against the plan that is followed;
 * interruptions; hours in which accesses stand open; and at last the seconds of the milestones, so that equal days are not equal plans.
 */
record Score(long[] parts, int firstDay) implements Comparable<Score> {
    private static final int UNPLACED = 0;
    private static final int LATE = 1;

    static Score of(ScheduleGeneration pass) {
        Instance in = pass.in;
        int milestones = in.milestones.length;
        int stepsFrom = LATE + 1 + (in.mostOpen < in.pieces ? 1 : 0);
        boolean steps = in.pieces > 0 || in.hires;
        int firstDay = stepsFrom + (steps ? milestones + 4 : 0);
        long[] parts = new long[firstDay + 2 * milestones + 4];
        for (int a = 0; a < in.size; a++) {
            if (!pass.placed[a]) parts[UNPLACED] += 2;
            else if (pass.missesDeadline(a)) parts[LATE] += pass.end[a] - in.deadline[a];
            else if (pass.misses(a)) parts[UNPLACED] += 1;
        }
        if (pass.isOverdrawn()) parts[UNPLACED] += 1;
        int latest = 0;
        for (int m = 0; m < milestones; m++) {
            int finish = 0;
            for (int a : in.milestones[m]) finish = Math.max(finish, pass.placed[a] ? pass.end[a] : 0);
            parts[firstDay + m] = in.time.dayOf(finish);
            parts[firstDay + milestones + 4 + m] = finish;
            latest = Math.max(latest, finish);
        }
        if (steps) {
            for (int m = 0; m < milestones; m++)
                parts[stepsFrom + m] = parts[firstDay + m] / PlanProblem.PATIENCE.toDays();
            parts[stepsFrom + milestones] = daysInHand(pass);
            parts[stepsFrom + milestones + 1] = visits(pass);
            parts[stepsFrom + milestones + 2] = daysOfHire(pass);
            parts[stepsFrom + milestones + 3] = changes(pass);
            if (in.mostOpen < in.pieces) parts[LATE + 1] = daysTooManyOpen(pass);
        }
        int after = firstDay + milestones;
        int last = in.time.dayOf(latest);
        parts[after] = in.problem
                .target()
                .map(t -> (long) Math.max(0, last - in.dayOf(t)))
                .orElse(0L);
        parts[after + 1] = moves(pass);
        parts[after + 2] = interruptions(pass);
        for (int o = 0; o < in.refit.length; o++)
            if (pass.placed[in.refit[o]]) parts[after + 3] += pass.end[in.refit[o]] - pass.opened(o);
        return new Score(parts, firstDay);
    }

    /** In how many sessions somebody lends a second pair of hands. */
    private static long visits(ScheduleGeneration pass) {
        Instance in = pass.in;
        long found = 0;
        BitSet[] seen = new BitSet[pass.shed.at.length];
        for (int a = 0; a < in.size; a++) {
            if (!pass.placed[a] || pass.crew[a] < 0) continue;
            int[] people = in.crews[a][pass.crew[a]];
            for (int helper = 1; helper < people.length; helper++) {
                int p = people[helper];
                if (seen[p] == null) seen[p] = new BitSet();
                for (int t = pass.first[a]; t <= pass.last[a]; t++) {
                    int session = in.time.window[p][t];
                    if (pass.shed.at[p][t] != a || seen[p].get(session)) continue;
                    seen[p].set(session);
                    found++;
                }
            }
        }
        return found;
    }

    /** Over all hired tools, the days on which they are used. */
    private static long daysOfHire(ScheduleGeneration pass) {
        Instance in = pass.in;
        if (!in.hires) return 0;
        BitSet[] used = new BitSet[in.capacity.length];
        for (int a = 0; a < in.size; a++) {
            if (!pass.placed[a] || pass.first[a] < 0) continue;
            for (int c : in.resources[a]) {
                if (!in.byTheDay[c]) continue;
                if (used[c] == null) used[c] = new BitSet();
                for (int t : pass.slotsOf(a)) used[c].set(in.time.dayOf(in.time.startOf(t)));
            }
        }
        long days = 0;
        for (BitSet its : used) if (its != null) days += its.cardinality();
        return days;
    }

    /** How many pieces of work more than one each session holds, over all sessions of all people. */
    private static long changes(ScheduleGeneration pass) {
        Instance in = pass.in;
        long found = 0;
        int[] seenIn = new int[in.pieces];
        Arrays.fill(seenIn, Instance.NONE);
        for (int person = 0; person < pass.shed.at.length; person++) {
            int[] at = pass.shed.at[person];
            int[] session = in.time.window[person];
            int now = Instance.NONE;
            int held = 0;
            for (int t = 0; t < at.length; t++) {
                if (at[t] < 0 || in.piece[at[t]] == Instance.NONE) continue;
                if (session[t] != now) {
                    now = session[t];
                    held = 0;
                    Arrays.fill(seenIn, Instance.NONE);
                }
                int piece = in.piece[at[t]];
                if (seenIn[piece] == now) continue;
                seenIn[piece] = now;
                if (held++ > 0) found++;
            }
            Arrays.fill(seenIn, Instance.NONE);
        }
        return found;
    }

    /** Over all days, by how many the pieces of work that are begun and not finished are more than the policy allows. */
    private static long daysTooManyOpen(ScheduleGeneration pass) {
        Instance in = pass.in;
        int[] from = new int[in.pieces];
        int[] to = new int[in.pieces];
        Arrays.fill(from, Integer.MAX_VALUE);
        for (int p = 0; p < in.pieces; p++) if (in.problem.pieces().get(p).begun()) from[p] = in.time.now;
        for (int a = 0; a < in.size; a++) {
            int p = in.piece[a];
            if (p == Instance.NONE || !pass.placed[a]) continue;
            from[p] = Math.min(from[p], pass.start[a]);
            to[p] = Math.max(to[p], pass.end[a]);
        }
        int[] change = new int[in.time.days() + 1];
        for (int p = 0; p < in.pieces; p++)
            if (from[p] < to[p]) {
                change[Math.min(in.time.days(), in.time.dayOf(from[p]))]++;
                change[Math.min(in.time.days(), in.time.dayOf(to[p]))]--;
            }
        long days = 0;
        int open = 0;
        for (int begunLessFinished : change) {
            open += begunLessFinished;
            days += Math.max(0, open - in.mostOpen);
        }
        return days;
    }

    /** Until each package that is begun is finished; what has no date counts nothing here, it counts before all else. */
    private static long daysInHand(ScheduleGeneration pass) {
        long days = 0;
        for (int[] left : pass.in.inHand) {
            int finish = 0;
            for (int a : left) if (pass.placed[a]) finish = Math.max(finish, pass.end[a]);
            days += pass.in.time.dayOf(finish);
        }
        return days;
    }

    /** What has another first day than in the plan that is followed; what is near weighs ten times. */
    private static long moves(ScheduleGeneration pass) {
        KeptDays kept = pass.in.kept;
        long moves = 0;
        for (int a = 0; a < pass.in.size; a++)
            if (pass.placed[a] && kept.has(a) && kept.day[a] != pass.in.time.dayOf(pass.start[a]))
                moves += kept.weight[a];
        return moves;
    }

    /** How often somebody takes up again what he left for something else. */
    private static long interruptions(ScheduleGeneration pass) {
        long found = 0;
        for (int[] at : pass.shed.at) {
            int before = -1;
            for (int t = 0; t < at.length; t++) {
                if (at[t] < 0 || at[t] == before) continue;
                if (t > pass.first[at[t]]) found++;
                before = at[t];
            }
        }
        return found;
    }

    boolean isFeasible() {
        return parts[UNPLACED] == 0 && parts[LATE] == 0;
    }

    /** Whether some milestone is reached so many days sooner than by the other, and none before it later. */
    boolean gainsDays(Score other, int days, int milestones) {
        for (int m = firstDay; m < firstDay + milestones; m++) {
            if (parts[m] <= other.parts[m] - days) return true;
            if (parts[m] > other.parts[m]) return false;
        }
        return false;
    }

    @Override
    public int compareTo(Score other) {
        return Arrays.compare(parts, other.parts);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Score s && Arrays.equals(parts, s.parts);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(parts);
    }
}
