package ofisino.core.plan.problem;

import java.util.UUID;

/**
 * Names an activity within one problem. What a garage plans is named by the factories, and nowhere is such a name put together or taken apart by
 * hand: it is kept in pins and in the plan that is followed.
 */
public record ActivityId(String value) {
    /** Work on a job. */
    public static ActivityId job(UUID job) {
        return new ActivityId("job:" + job);
    }

    /** The wait for a part. */
    public static ActivityId need(UUID need) {
        return new ActivityId("need:" + need);
    }

    /** Trying a part on the vehicle. */
    public static ActivityId trial(UUID need) {
        return new ActivityId("trial:" + need);
    }

    /** A piece that is with somebody else. */
    public static ActivityId sentOut(UUID sentOut) {
        return new ActivityId("sent-out:" + sentOut);
    }

    /** A fixed day and time. */
    public static ActivityId appointment(UUID appointment) {
        return new ActivityId("appointment:" + appointment);
    }

    /** Opening what a strip-down opens. */
    public static ActivityId strip(UUID stripDown) {
        return new ActivityId("strip:" + stripDown);
    }

    /** Closing it again. */
    public static ActivityId refit(UUID stripDown) {
        return new ActivityId("refit:" + stripDown);
    }

    // by hand: a plan looks millions of them up, and what records generate is slow until the second compiler has seen
    // it
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof ActivityId id && value.equals(id.value);
    }

    @Override
    public int hashCode() {
        return value.hashCode();
    }

    @Override
    public String toString() {
        return value;
    }
}
