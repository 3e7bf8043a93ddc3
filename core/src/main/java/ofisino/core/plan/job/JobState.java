package ofisino.core.plan.job;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import ofisino.core.kernel.Conflict;

/** The life of a job. There are more states than "done", because half-done work looks done and is not. */
public enum JobState {
    PROPOSED,
    PLANNED,
    BEGUN,
    TRIAL_FITTED,
    LOOSE,
    /** It works, but covers, clips or fasteners are still missing. */
    WORKS_NOT_BUTTONED_UP,
    FINISHED,
    /** Someone has looked at it and it does what it should. Only this counts in full. */
    VERIFIED,
    DROPPED;

    private static final Set<JobState> IN_HAND = EnumSet.of(BEGUN, TRIAL_FITTED, LOOSE, WORKS_NOT_BUTTONED_UP);

    private Set<JobState> next() {
        return switch (this) {
            case PROPOSED -> EnumSet.of(PLANNED, BEGUN, DROPPED);
            case PLANNED -> EnumSet.of(PROPOSED, BEGUN, DROPPED);
            case BEGUN, TRIAL_FITTED, LOOSE, WORKS_NOT_BUTTONED_UP -> {
                Set<JobState> open = EnumSet.copyOf(IN_HAND);
                open.addAll(EnumSet.of(FINISHED, DROPPED));
                open.remove(this);
                yield open;
            }
            case FINISHED -> EnumSet.of(VERIFIED, BEGUN, LOOSE);
            case VERIFIED -> EnumSet.of(BEGUN);
            case DROPPED -> EnumSet.of(PLANNED);
        };
    }

    /** The states open from here, in the order of the work. */
    public Set<JobState> possible() {
        return EnumSet.copyOf(next());
    }

    /** Begun and not ended. */
    public boolean isInHand() {
        return IN_HAND.contains(this);
    }

    /** It hangs on, or works, and is not closed for good. */
    public boolean isHalfClosed() {
        return this == TRIAL_FITTED || this == LOOSE || this == WORKS_NOT_BUTTONED_UP;
    }

    /** Ended by being done. */
    public boolean isDone() {
        return this == FINISHED || this == VERIFIED;
    }

    /**
     * Whether time logged on it takes it up (again): it had not begun, or its end had come by then.
     *
     * @param endedOn day on which it was finished; empty where it was not, or nobody knows
     */
    public boolean isTakenUpByWorkOn(LocalDate day, Optional<LocalDate> endedOn) {
        return switch (this) {
            case PROPOSED, PLANNED, DROPPED -> true;
            case FINISHED, VERIFIED -> endedOn.filter(day::isAfter).isPresent();
            case BEGUN, TRIAL_FITTED, LOOSE, WORKS_NOT_BUTTONED_UP -> false;
        };
    }

    /** Nothing of it is left to plan. */
    public boolean isOver() {
        return isDone() || this == DROPPED;
    }

    /** Minutes left of the likely effort; nothing of a job that is over. */
    public int leftOf(int likelyMinutes, int spentMinutes) {
        return isOver() ? 0 : Math.max(0, likelyMinutes - spentMinutes);
    }

    /** Share of the job's effort counted as earned: half once begun, all once verified. The 50/50 rule of earned value. */
    public double earnedShare() {
        if (this == VERIFIED) return 1;
        return isInHand() || this == FINISHED ? 0.5 : 0;
    }

    /** @throws Conflict when the step is not open from here */
    public JobState to(JobState wanted) {
        if (!next().contains(wanted))
            throw Conflict.of(
                    "job.state",
                    "A job that is %s cannot become %s.",
                    "%s",
                    words(),
                    wanted.words(),
                    wanted == VERIFIED
                            ? "Finish it first; then look at it again and verify."
                            : "Reload the page to see how it stands now.");
        return wanted;
    }

    private String words() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }
}
