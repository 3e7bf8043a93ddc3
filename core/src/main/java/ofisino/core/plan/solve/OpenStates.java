package ofisino.core.plan.solve;

import java.util.Arrays;

/** Which accesses stand open while a schedule is being made, and until when those that are closed were open. */
final class OpenStates {
    private final Instance in;
    private final boolean[] placed;
    /** By access: how many strip-downs of it are open and not closed. */
    private final int[] halfOpen;

    private final int[] closedUntil;

    /** @param placed by activity, as the pass keeps it */
    OpenStates(Instance in, boolean[] placed) {
        this.in = in;
        this.placed = placed;
        halfOpen = new int[in.accesses];
        closedUntil = new int[in.accesses];
    }

    void clear() {
        Arrays.fill(halfOpen, 0);
        Arrays.fill(closedUntil, 0);
        for (int o = 0; o < in.refit.length; o++) if (in.strip[o] == Instance.NONE) halfOpen[in.access[o]]++;
    }

    /** Something was placed that perhaps opens or closes. */
    void note(int a, int end) {
        if (in.opens[a] != Instance.NONE) halfOpen[in.access[in.opens[a]]]++;
        if (in.closes[a] != Instance.NONE) {
            int access = in.access[in.closes[a]];
            halfOpen[access]--;
            closedUntil[access] = Math.max(closedUntil[access], end);
        }
    }

    /** A second strip-down of an access waits until the first is closed; so does what needs a state that an open strip-down excludes. */
    boolean shut(int a) {
        if (in.opens[a] != Instance.NONE && halfOpen[in.access[in.opens[a]]] > 0) return true;
        for (int o : in.apartFromStripDown[a]) if (isHalfOpen(o)) return true;
        return false;
    }

    private boolean isHalfOpen(int stripDown) {
        int strip = in.strip[stripDown];
        return (strip == Instance.NONE || placed[strip]) && !placed[in.refit[stripDown]];
    }

    /** The instant from which it may open its access again; the first for what opens none. */
    int closedBefore(int a) {
        return in.opens[a] == Instance.NONE ? 0 : closedUntil[in.access[in.opens[a]]];
    }
}
