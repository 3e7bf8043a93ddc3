package ofisino.core.plan.solve;

import java.util.Arrays;

/**
 * Money by day while a plan is made: income to date less what became due to date. A step begins on each day on which some of it comes or goes;
 * between them nothing changes.
 */
final class Purses {
    private final Instance in;
    private final int days;
    private int steps;
    /** By step: its first day; the first is day 0. */
    private final int[] firstDay;
    /** By step: what is left. */
    private final long[] left;
    /** By step: the least that is left in it or in any later one. */
    private final long[] least;

    private final int incomeSteps;
    private final int[] incomeFirstDay;
    private final long[] incomeLeft;
    private final long[] incomeLeast;

    Purses(Instance in) {
        this.in = in;
        this.days = in.income.length;
        firstDay = new int[days];
        left = new long[days];
        least = new long[days];
        for (int d = 0; d < days; d++)
            if (d == 0 || in.income[d] != in.income[d - 1]) {
                firstDay[steps] = d;
                left[steps++] = in.income[d];
            }
        for (int s = steps - 1; s >= 0; s--) least[s] = s == steps - 1 ? left[s] : Math.min(left[s], least[s + 1]);
        incomeSteps = steps;
        incomeFirstDay = Arrays.copyOf(firstDay, steps);
        incomeLeft = Arrays.copyOf(left, steps);
        incomeLeast = Arrays.copyOf(least, steps);
    }

    void reset() {
        steps = incomeSteps;
        System.arraycopy(incomeFirstDay, 0, firstDay, 0, steps);
        System.arraycopy(incomeLeft, 0, left, 0, steps);
        System.arraycopy(incomeLeast, 0, least, 0, steps);
    }

    /** A day before which the dues of an activity would bring the balance below the floor on some day; 0 when there is none. */
    int tooEarlyBefore(int a, int start, int end) {
        if (days == 0) return 0;
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
        return Math.min(days - 1, in.time.dayOf(seconds));
    }

    /** The first day from which on the balance never falls below floor + amount; the day after the last when there is none. */
    private int firstDayFor(long amount) {
        int from = 0;
        int to = steps;
        while (from < to) {
            int middle = (from + to) >>> 1;
            if (least[middle] - amount >= in.floor) to = middle;
            else from = middle + 1;
        }
        return from == steps ? days : firstDay[from];
    }

    void spend(int a, int start, int end, int sign) {
        if (days == 0) return;
        spend(sign * in.dueAtStart[a], start);
        spend(sign * in.dueAtEnd[a], end);
    }

    private void spend(long due, int seconds) {
        if (due == 0) return;
        int step = stepFrom(dayOf(seconds));
        for (int s = step; s < steps; s++) {
            left[s] -= due;
            least[s] -= due;
        }
        for (int s = step - 1; s >= 0; s--) {
            long now = Math.min(left[s], least[s + 1]);
            if (now == least[s]) return;
            least[s] = now;
        }
    }

    /** The step that begins on that day; begun there where none did. */
    private int stepFrom(int day) {
        int found = Arrays.binarySearch(firstDay, 0, steps, day);
        if (found >= 0) return found;
        int at = -found - 1;
        System.arraycopy(firstDay, at, firstDay, at + 1, steps - at);
        System.arraycopy(left, at, left, at + 1, steps - at);
        System.arraycopy(least, at, least, at + 1, steps - at);
        firstDay[at] = day;
        left[at] = left[at - 1];
        least[at] = at == steps ? left[at] : Math.min(left[at], least[at + 1]);
        steps++;
        return at;
    }

    boolean isOverdrawn() {
        return days > 0 && least[0] < in.floor;
    }
}
