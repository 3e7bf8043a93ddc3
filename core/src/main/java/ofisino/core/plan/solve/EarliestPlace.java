package ofisino.core.plan.solve;

/** Where an activity may lie at the soonest beside what has its place already, for as long as it and its wait take. */
final class EarliestPlace {
    private final Instance in;
    private final TimeGrid time;
    private final ScheduleGeneration pass;
    /** Slots of the quickest crew so far, while another one is tried. */
    private final int[] bestFound;
    /** Work may be begun and its last quarter of an hour left until the money for its end is there; its people then do nothing else. */
    boolean stretching;
    /** Whether any pass so far left the end of some work for its money. */
    boolean hasStretched;

    EarliestPlace(Instance in, ScheduleGeneration pass) {
        this.in = in;
        this.time = in.time;
        this.pass = pass;
        bestFound = new int[pass.finder.found.length];
    }

    int startWithoutWork(int a, int earliest) {
        int from = in.openAt(a, earliest);
        for (int later; from < time.horizon && (later = later(a, from, in.endFrom(a, from))) >= 0; )
            from = in.openAt(a, Math.max(from + 1, later));
        return from;
    }

    /** The crew that is ready with it soonest, its slots being what was found; negative when there is none. */
    int quickestCrew(int a, int earliest) {
        int[] found = pass.finder.found;
        int work = in.work[a];
        int crews = in.crews[a].length;
        int bestCrew = -1;
        int bestLast = Integer.MAX_VALUE;
        for (int c = 0; c < crews; c++)
            if (earliestLive(a, in.crews[a][c], earliest, bestLast) >= 0 && found[work - 1] < bestLast) {
                bestCrew = c;
                bestLast = found[work - 1];
                if (c < crews - 1) System.arraycopy(found, 0, bestFound, 0, work);
            }
        if (bestCrew >= 0 && bestCrew < crews - 1) System.arraycopy(bestFound, 0, found, 0, work);
        return bestCrew;
    }

    /** When it would be over if nothing else were planned; the horizon where it has no place then either. */
    int alone(int a, int earliest) {
        if (in.work[a] == 0) return Math.min(time.horizon, in.endFrom(a, startWithoutWork(a, earliest)));
        return quickestCrew(a, earliest) < 0 ? time.horizon : pass.finder.endOfFound(a);
    }

    /** The first live slot from which the crew can do it before another slot, its slots being what was found; negative when there is none. */
    private int earliestLive(int a, int[] crew, int earliest, int before) {
        int latest = Math.min(before, time.live) - in.work[a];
        int t = pass.shed.nextFree(crew, time.liveAt(earliest));
        while (t <= latest) {
            int next = pass.shed.isRoom(a, t) ? pass.finder.tryFrom(a, crew, t, before) : t + 1;
            if (next < 0) {
                int later = later(a, time.startOf(t), pass.finder.endOfFound(a));
                if (later < 0 || stretching && stretch(a, crew)) return t;
                next = Math.max(t + 1, time.liveAt(later));
            }
            t = pass.shed.nextFree(crew, next);
        }
        return -1;
    }

    /** Leaves the last quarter of an hour of what was found for the day on which the money is there. */
    private boolean stretch(int a, int[] crew) {
        int from = time.startOf(pass.finder.found[0]);
        int day = pass.purse.tooEarlyBefore(a, from, pass.finder.endOfFound(a));
        boolean stretched = day > 0
                && day < time.days()
                && pass.finder.stretchTo(a, crew, time.startOfDay(day) - in.wait[a])
                && later(a, from, pass.finder.endOfFound(a)) < 0;
        hasStretched |= stretched;
        return stretched;
    }

    /** The instant from which something that lies at these times may start at the soonest; negative when nothing stands against them. */
    int later(int a, int from, int to) {
        int later = -1;
        for (int b : in.apart[a])
            if (pass.placed[b] && from < pass.end[b] && pass.start[b] < to) later = Math.max(later, pass.end[b]);
        for (int o : in.apartFromStripDown[a])
            if (pass.placed[in.refit[o]] && from < pass.end[in.refit[o]] && pass.opened(o) < to)
                later = Math.max(later, pass.end[in.refit[o]]);
        int day = pass.purse.tooEarlyBefore(a, from, to);
        if (day > 0)
            later = Math.max(
                    later,
                    day >= time.days()
                            ? time.horizon + 1
                            : Math.max(from + 1, time.startOfDay(day) - duesAtEndAfter(a, from, to)));
        return later;
    }

    /** What is due only at the end may start so much sooner. */
    private int duesAtEndAfter(int a, int from, int to) {
        return in.dueAtStart[a] == 0 ? to - from : 0;
    }
}
