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

    /** What ended last of the pieces that had to be over before this one began its own; or {@link Instance#NONE}. */
    int overBefore(int a, int[] start, int[] itsEnd) {
        if (!isLimited() || in.piece[a] == Instance.NONE || !isFirst(a, start)) return Instance.NONE;
        int found = Instance.NONE;
        for (int b = 0; b < in.size; b++) {
            boolean ended = in.piece[b] != Instance.NONE && in.piece[b] != in.piece[a] && itsEnd[b] <= start[a];
            boolean last = ended && itsEnd[b] == end[in.piece[b]];
            if (last && (found == Instance.NONE || itsEnd[b] > itsEnd[found])) found = b;
        }
        return found == Instance.NONE || openAt(itsEnd[found] - 1, start) < in.mostOpen ? Instance.NONE : found;
    }

    private boolean isFirst(int a, int[] start) {
        for (int b = 0; b < in.size; b++) if (in.piece[b] == in.piece[a] && start[b] < start[a]) return false;
        return !in.problem.pieces().get(in.piece[a]).begun();
    }

    private int openAt(int instant, int[] start) {
        int[] from = new int[begun.length];
        Arrays.fill(from, Integer.MAX_VALUE);
        for (int b = 0; b < in.size; b++)
            if (in.piece[b] != Instance.NONE) from[in.piece[b]] = Math.min(from[in.piece[b]], start[b]);
        int open = 0;
        for (int p = 0; p < begun.length; p++) {
            boolean opened = from[p] <= instant || in.problem.pieces().get(p).begun();
            if (opened && instant < end[p]) open++;
        }
        return open;
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
