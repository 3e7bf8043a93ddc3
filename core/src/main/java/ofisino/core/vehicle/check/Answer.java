package ofisino.core.vehicle.check;

import ofisino.core.vehicle.HowSeen;

/**
 * What somebody saw at a check.
 *
 * @param place   the zone, or {@code papers} or {@code road}
 * @param covered sealer, carpet, trim or a patch hid part of it
 * @param another another person saw it and told
 * @param whole   it was given for all places that one look answers for
 */
public record Answer(
        String checkId, String place, Seen seen, HowSeen howSeen, boolean covered, boolean another, boolean whole) {
    /** What was seen, or why nothing was. */
    public enum Seen {
        GOOD,
        DOUBTFUL,
        BAD,
        MISSING,
        /** It is covered: by sealer, trim or a patch. */
        COVERED,
        /** It was not opened. */
        NOT_OPENED,
        /** Nobody can get at it. */
        NO_REACH,
        /** No current, or it doesn't run. */
        NO_CURRENT,
        /** The owner would not have it, or the law does not. */
        NOT_ALLOWED;

        /** Something was seen; false for all that hid it. */
        public boolean isSeen() {
            return switch (this) {
                case GOOD, DOUBTFUL, BAD, MISSING -> true;
                case COVERED, NOT_OPENED, NO_REACH, NO_CURRENT, NOT_ALLOWED -> false;
            };
        }
    }

    /** Given on a short look: the walk asks again. */
    public boolean isGlance() {
        return howSeen == HowSeen.GLANCED;
    }

    /** Whether a bid reckons with it: as if the check were done walking round, where that is enough for it. */
    boolean settlesForABid(Check check) {
        return settles(check)
                || isGlance() && seen.isSeen() && !covered && check.settledBy().contains(HowSeen.WALKED_ROUND);
    }

    /** Whether the check counts as done: seen, uncovered, and as well as it must be. */
    boolean settles(Check check) {
        return seen.isSeen() && !covered && check.settledBy().contains(howSeen);
    }
}
