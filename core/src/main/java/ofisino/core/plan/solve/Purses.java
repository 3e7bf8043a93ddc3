package ofisino.core.plan.solve;

import ofisino.core.plan.problem.Activity;

/** Money by day while a plan is made: income to date less what became due to date. */
final class Purses {
    private final Instance in;
    private final long[] left;

    Purses(Instance in) {
        this.in = in;
        this.left = in.income.clone();
    }

    void reset() {
        System.arraycopy(in.income, 0, left, 0, left.length);
    }

    /** A day before which the dues of an activity would bring the balance below the floor on some day; 0 when there is none. */
    int tooEarlyBefore(int a, int start, int end) {
        if (left.length == 0) return 0;
        int latest = 0;
        long sum = 0;
        var dues = in.activity[a].dues();
        for (boolean atEnd : new boolean[] {false, true}) {
            long amount = 0;
            for (Activity.Due due : dues) if (due.isAtEnd() == atEnd) amount += due.minor();
            if (amount == 0) continue;
            sum += amount;
            int day = dayOf(atEnd ? end : start);
            int from = firstDayFor(sum);
            if (from > day) latest = Math.max(latest, from);
        }
        return latest;
    }

    /** What becomes due past the last day that is known must be there on the last. */
    private int dayOf(int seconds) {
        return Math.min(left.length - 1, in.time.dayOf(seconds));
    }

    /** The first day from which on the balance never falls below floor + amount; the day after the last when there is none. */
    private int firstDayFor(long amount) {
        int day = left.length;
        while (day > 0 && left[day - 1] - amount >= in.floor) day--;
        return day;
    }

    void spend(int a, int start, int end, int sign) {
        if (left.length == 0) return;
        for (Activity.Due due : in.activity[a].dues())
            for (int d = dayOf(due.isAtEnd() ? end : start); d < left.length; d++) left[d] -= sign * due.minor();
    }

    boolean isOverdrawn() {
        for (long day : left) if (day < in.floor) return true;
        return false;
    }
}
