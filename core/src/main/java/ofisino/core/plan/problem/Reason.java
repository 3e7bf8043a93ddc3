package ofisino.core.plan.problem;

import java.time.Instant;

/**
 * Something that forbids an earlier start.
 *
 * @param id   the activity, person, place or resource that forbids it; empty where nothing has a name
 * @param until when it stops forbidding
 */
public record Reason(ReasonKind kind, String id, Instant until) {
    /** What keeps an activity from being sooner. */
    public enum ReasonKind {
        /** The past. */
        NOW,
        /** The person is not in the garage. */
        NO_TIME,
        /** The person works on another activity. */
        BUSY,
        /** An activity before it is not complete. */
        AFTER,
        /** A part has not arrived or is not checked. */
        ARRIVAL,
        NOT_BEFORE,
        /** Somebody else's door is closed: the workshop's, the supplier's. */
        CLOSED,
        FIXED,
        PLACE_FULL,
        RESOURCE_FULL,
        /** What is left of the evening is too short for work in one go. */
        TOO_SHORT,
        /** Begun here, it would have to be laid aside for work that is begun later. */
        LAID_ASIDE,
        /** Something that excludes a state that it needs: the closing of an access, a send-out, or what needs the state. */
        STATE,
        /** Another strip-down of the same access is closed first. */
        OTHER_STAY,
        /** As many pieces of work as the policy allows are open until this one is over. */
        OTHER_PIECE,
        /** What is taken off would have no room until something else is back on; it names nothing where it would not fit alone. */
        SHELF_FULL,
        /** The purse would fall below its floor. */
        MONEY,
        /** Nothing but that the plan that is followed has it there. */
        KEPT
    }

    /** Whether {@code id} names an activity, so that the chain of reasons goes on there. */
    public boolean namesActivity() {
        return switch (kind) {
            case BUSY, AFTER, ARRIVAL, LAID_ASIDE, STATE, OTHER_STAY, OTHER_PIECE, SHELF_FULL -> true;
            default -> false;
        };
    }
}
