package ofisino.core.plan.solve;

/** Money by day while a plan is made: income to date less what became due to date. */
final class Purses {
    private final Instance in;
    private final long[] left;
    /** By day: the least that is left on it or on any later day. */
    private final long[] least;

    private final long[] leastOfIncome;

    Purses(Instance in) {
        this.in = in;
        this.left = in.income.clone();
        leastOfIncome = in.income.clone();
        for (int d = leastOfIncome.length - 2; d >= 0; d--)
            leastOfIncome[d] = Math.min(leastOfIncome[d], leastOfIncome[d + 1]);
        least = leastOfIncome.clone();
    }

    void reset() {
        System.arraycopy(in.income, 0, left, 0, left.length);
        System.arraycopy(leastOfIncome, 0, least, 0, least.length);
    }

    /** A day before which the dues of an activity would bring the balance below the floor on some day; 0 when there is none. */
    int tooEarlyBefore(int a, int start, int end) {
        if (left.length == 0) return 0;
        int latest = tooEarly(in.dueAtStart[a], in.dueAtStart[a], start);
        return Math.max(latest, tooEarly(in.dueAtEnd[a], in.dueAtStart[a] + in.dueAtEnd[a], end));
    }

    private int tooEarly(long due, long inAll, int seconds) {
        if (due == 0) return 0;
        int from = firstDayFor(inAll);
        return from > dayOf(seconds) ? from : 0;
    }

    /** What becomes due past the last day that is known must be there on the last. */
    private int dayOf(int seconds) {
        return Math.min(left.length - 1, in.time.dayOf(seconds));
    }

    /** The first day from which on the balance never falls below floor + amount; the day after the last when there is none. */
    private int firstDayFor(long amount) {
        int from = 0;
        int to = least.length;
        while (from < to) {
            int middle = (from + to) >>> 1;
            if (least[middle] - amount >= in.floor) to = middle;
            else from = middle + 1;
        }
        return from;
    }

    void spend(int a, int start, int end, int sign) {
        if (left.length == 0) return;
        spend(sign * in.dueAtStart[a], start);
        spend(sign * in.dueAtEnd[a], end);
    }

    private void spend(long due, int seconds) {
        if (due == 0) return;
        int day = dayOf(seconds);
        for (int d = day; d < left.length; d++) {
            left[d] -= due;
            least[d] -= due;
        }
        for (int d = day - 1; d >= 0; d--) {
            long now = Math.min(left[d], least[d + 1]);
            if (now == least[d]) return;
            least[d] = now;
        }
    }

    boolean isOverdrawn() {
        return least.length > 0 && least[0] < in.floor;
    }
}
