package ofisino.core.vehicle.finding;

import java.util.EnumSet;
import java.util.Set;
import ofisino.core.kernel.Conflict;

/** The life of a finding. It awaits re-check when its last job is finished. */
public enum FindingState {
    OPEN,
    DECIDED,
    IN_WORK,
    AWAITING_RECHECK,
    CLOSED,
    WITHDRAWN;

    private Set<FindingState> next() {
        return switch (this) {
            case OPEN -> EnumSet.of(DECIDED, WITHDRAWN);
            case DECIDED -> EnumSet.of(DECIDED, IN_WORK, AWAITING_RECHECK, CLOSED, WITHDRAWN);
            case IN_WORK -> EnumSet.of(DECIDED, AWAITING_RECHECK, WITHDRAWN);
            case AWAITING_RECHECK -> EnumSet.of(DECIDED, IN_WORK, CLOSED, WITHDRAWN);
            case CLOSED, WITHDRAWN -> EnumSet.of(OPEN);
        };
    }

    /** Closed and withdrawn findings no longer ask for anything. */
    public boolean isOver() {
        return this == CLOSED || this == WITHDRAWN;
    }

    /** @throws Conflict when the step is not open from here */
    public FindingState to(FindingState wanted) {
        if (!next().contains(wanted))
            throw Conflict.of(
                    "finding.state",
                    "A finding that is %s cannot become %s.",
                    "%s",
                    words(),
                    wanted.words(),
                    hint(wanted));
        return wanted;
    }

    private String hint(FindingState wanted) {
        if (wanted == CLOSED) return "It closes after its jobs are finished and it has been looked at again.";
        if (this == CLOSED || this == WITHDRAWN) return "Open it again first.";
        return "Reload the page to see how it stands now.";
    }

    private String words() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }
}
