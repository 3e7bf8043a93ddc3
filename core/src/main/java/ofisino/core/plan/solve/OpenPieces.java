package ofisino.core.plan.solve;

import java.util.Arrays;

/** Which pieces of work are begun and not finished while a schedule is being made, where the policy says how many may be. */
final class OpenPieces {
    private final Instance in;
    private final int[] size;
    /** By piece: of its activities so many have no place yet. */
    private final int[] left;

    private final boolean[] begun;
    private final int[] end;

    OpenPieces(Instance in) {
        this.in = in;
        size = new int[in.pieces];
        for (int a = 0; a < in.size; a++) if (in.piece[a] != Instance.NONE) size[in.piece[a]]++;
        left = new int[in.pieces];
        begun = new boolean[in.pieces];
        end = new int[in.pieces];
    }

    private boolean isLimited() {
        return in.mostOpen < in.pieces;
    }

    void clear() {
        System.arraycopy(size, 0, left, 0, size.length);
        Arrays.fill(end, 0);
        for (int p = 0; p < begun.length; p++)
            begun[p] = size[p] > 0 && in.problem.pieces().get(p).begun();
    }

    void note(int a, int itsEnd) {
        int p = in.piece[a];
        if (p == Instance.NONE) return;
        left[p]--;
        begun[p] = true;
        end[p] = Math.max(end[p], itsEnd);
    }

    /** Whether it would begin a piece while as many as may be are open, and nobody knows yet until when. */
    boolean shut(int a) {
        if (!begins(a)) return false;
        int open = 0;
        for (int p = 0; p < begun.length; p++) if (begun[p] && left[p] > 0) open++;
        return open >= in.mostOpen;
    }

    private boolean begins(int a) {
        return isLimited() && in.piece[a] != Instance.NONE && !begun[in.piece[a]];
    }

    /** The first instant from which a piece that it begins would be one of so many. */
    int from(int a, int earliest) {
        if (!begins(a)) return earliest;
        int from = earliest;
        while (openAfter(from) >= in.mostOpen) {
            int next = Integer.MAX_VALUE;
            for (int p = 0; p < begun.length; p++) if (isOver(p) && end[p] > from) next = Math.min(next, end[p]);
            if (next == Integer.MAX_VALUE) return from;
            from = next;
        }
        return from;
    }

    private boolean isOver(int p) {
        return begun[p] && left[p] == 0;
    }

    private int openAfter(int instant) {
        int open = 0;
        for (int p = 0; p < begun.length; p++) if (begun[p] && (left[p] > 0 || end[p] > instant)) open++;
        return open;
    }
}
