package ofisino.core.plan.solve;

import java.util.Optional;

/** What is taken off lies on floor and shelves from the opening of its access to the closing, while a schedule is being made. */
final class ShelfRoom {
    private final Instance in;
    private final ScheduleGeneration pass;

    ShelfRoom(Instance in, ScheduleGeneration pass) {
        this.in = in;
        this.pass = pass;
    }

    /** Whether what lies there, and nobody knows yet until when, leaves too little for what it would take off. */
    boolean isFullFor(int a) {
        int mine = in.opens[a];
        if (mine == Instance.NONE || in.takes[mine] == 0) return false;
        int lies = in.takes[mine];
        for (int o = 0; o < in.refit.length; o++) if (isOpenAtItsEnd(o)) lies += in.takes[o];
        return lies > in.shelf;
    }

    /** The closing of something that never closes and takes the room; empty where it would not fit alone. */
    Optional<Integer> keptFullBy(int a) {
        if (in.takes[in.opens[a]] > in.shelf) return Optional.empty();
        for (int o = 0; o < in.refit.length; o++)
            if (in.takes[o] > 0 && isOpenAtItsEnd(o)) return Optional.of(in.refit[o]);
        return Optional.empty();
    }

    private boolean isOpenAtItsEnd(int o) {
        return (in.strip[o] == Instance.NONE || pass.placed[in.strip[o]]) && !pass.placed[in.refit[o]];
    }

    /** The first instant from which there is room for it, for as long as it may take. */
    int from(int a, int earliest) {
        int mine = in.opens[a];
        if (mine == Instance.NONE || in.takes[mine] == 0) return earliest;
        int from = earliest;
        for (int freed = freedAfterFull(mine, from); freed >= 0; freed = freedAfterFull(mine, from)) from = freed;
        return from;
    }

    /** Where at that instant or later there is too little: when the next thing goes back on after that; else negative. */
    private int freedAfterFull(int mine, int from) {
        for (int o = -1; o < in.refit.length; o++) {
            int at = o < 0 ? from : isLater(o, from) ? pass.opened(o) : -1;
            if (at >= 0 && load(at) + in.takes[mine] > in.shelf) return nextFreed(at);
        }
        return -1;
    }

    private boolean isLater(int o, int from) {
        return in.takes[o] > 0 && isStripped(o) && pass.opened(o) > from;
    }

    private boolean isStripped(int o) {
        return in.strip[o] == Instance.NONE || pass.placed[in.strip[o]];
    }

    private int load(int at) {
        int load = 0;
        for (int o = 0; o < in.refit.length; o++) if (isOpen(o, at)) load += in.takes[o];
        return load;
    }

    private boolean isOpen(int o, int at) {
        return isStripped(o) && pass.opened(o) <= at && (!pass.placed[in.refit[o]] || at < pass.end[in.refit[o]]);
    }

    private int nextFreed(int at) {
        int next = Integer.MAX_VALUE;
        for (int o = 0; o < in.refit.length; o++)
            if (in.takes[o] > 0 && isOpen(o, at) && pass.placed[in.refit[o]])
                next = Math.min(next, pass.end[in.refit[o]]);
        return next == Integer.MAX_VALUE ? in.time.horizon + 1 : next;
    }

    /** Whether all that lies there when this access is opened has room, once everything has its place. */
    boolean holds(int stripDown) {
        return in.takes[stripDown] == 0 || load(pass.opened(stripDown)) <= in.shelf;
    }

    /** What went back on last before this instant, and so made room; or {@link Instance#NONE}. */
    int freedBy(int a) {
        int mine = in.opens[a];
        if (mine == Instance.NONE || in.takes[mine] == 0) return Instance.NONE;
        int found = Instance.NONE;
        for (int o = 0; o < in.refit.length; o++) {
            int refit = in.refit[o];
            boolean before = o != mine && in.takes[o] > 0 && pass.placed[refit] && pass.end[refit] <= pass.start[a];
            if (before && (found == Instance.NONE || pass.end[refit] > pass.end[found])) found = refit;
        }
        return found == Instance.NONE || load(pass.end[found] - 1) + in.takes[mine] <= in.shelf ? Instance.NONE : found;
    }
}
