package ofisino.core.plan.schedule;

import java.util.Arrays;

/** Which ways in stand open while a schedule is being made, and until when those that are closed were open. */
final class Stays {
    private final Instance in;
    private final boolean[] placed;
    /** By way in: how many stays of it are open and not closed. */
    private final int[] halfOpen;

    private final int[] closedUntil;

    /** @param placed by activity, as the pass keeps it */
    Stays(Instance in, boolean[] placed) {
        this.in = in;
        this.placed = placed;
        halfOpen = new int[in.ways];
        closedUntil = new int[in.ways];
    }

    void clear() {
        Arrays.fill(halfOpen, 0);
        Arrays.fill(closedUntil, 0);
        for (int o = 0; o < in.refit.length; o++) if (in.strip[o] == Instance.NONE) halfOpen[in.wayIn[o]]++;
    }

    /** Something was placed that perhaps opens or closes. */
    void note(int a, int end) {
        if (in.opens[a] != Instance.NONE) halfOpen[in.wayIn[in.opens[a]]]++;
        if (in.closes[a] != Instance.NONE) {
            int way = in.wayIn[in.closes[a]];
            halfOpen[way]--;
            closedUntil[way] = Math.max(closedUntil[way], end);
        }
    }

    /** A second stay of a way in waits until the first is closed; so does what needs a state that an open stay excludes. */
    boolean shut(int a) {
        if (in.opens[a] != Instance.NONE && halfOpen[in.wayIn[in.opens[a]]] > 0) return true;
        for (int o : in.apartFromOpening[a]) if (isHalfOpen(o)) return true;
        return false;
    }

    private boolean isHalfOpen(int opening) {
        int strip = in.strip[opening];
        return (strip == Instance.NONE || placed[strip]) && !placed[in.refit[opening]];
    }

    /** The instant from which it may open its way in again; the first for what opens none. */
    int closedBefore(int a) {
        return in.opens[a] == Instance.NONE ? 0 : closedUntil[in.wayIn[in.opens[a]]];
    }
}
