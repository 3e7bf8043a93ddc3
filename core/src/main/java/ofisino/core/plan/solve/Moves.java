package ofisino.core.plan.solve;

import java.util.Arrays;

/** Takes activities out of a schedule and puts them elsewhere, to see what else could be. */
final class Moves {
    private final ScheduleGeneration schedule;
    private final Instance in;
    private final TimeGrid time;

    Moves(ScheduleGeneration schedule) {
        this.schedule = schedule;
        this.in = schedule.in;
        this.time = schedule.in.time;
    }

    /** Takes an activity out; {@link #putBack} with the slots returned puts it back. */
    int[] takeOut(int a) {
        int[] slots = schedule.slotsOf(a);
        schedule.purse.spend(a, schedule.start[a], schedule.end[a], -1);
        if (slots.length > 0) schedule.shed.giveBack(a, in.crews[a][schedule.crew[a]], slots, schedule.end[a]);
        schedule.placed[a] = false;
        return slots;
    }

    void putBack(int a, int[] slots) {
        schedule.purse.spend(a, schedule.start[a], schedule.end[a], 1);
        if (slots.length > 0) schedule.shed.take(a, in.crews[a][schedule.crew[a]], slots, schedule.end[a]);
        schedule.placed[a] = true;
    }

    /** Puts what was taken out into other slots, by the same crew. */
    void putAt(int a, int[] slots) {
        schedule.first[a] = slots[0];
        schedule.last[a] = slots[slots.length - 1];
        schedule.start[a] = time.startOf(schedule.first[a]);
        schedule.end[a] = time.endOf(schedule.last[a]) + in.wait[a];
        if (in.crews[a][schedule.crew[a]].length == 0) schedule.ownSlots[a] = slots;
        putBack(a, slots);
    }

    /** Moves something without work to another instant. */
    void moveTo(int a, int instant) {
        takeOut(a);
        schedule.start[a] = instant;
        schedule.end[a] = in.endFrom(a, instant);
        putBack(a, new int[0]);
    }

    /** Whether the work, by the crew that it has, fits from exactly this live slot on; its slots are then {@link #foundSlots}. */
    boolean fitsFrom(int a, int t) {
        int[] people = in.crews[a][schedule.crew[a]];
        return schedule.finder.begins(a, people, t) && schedule.finder.tryFrom(a, people, t) < 0;
    }

    int[] foundSlots(int a) {
        return Arrays.copyOf(schedule.finder.found, in.work[a]);
    }
}
