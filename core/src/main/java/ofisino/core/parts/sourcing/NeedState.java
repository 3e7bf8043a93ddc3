package ofisino.core.parts.sourcing;

import java.util.EnumSet;
import java.util.Set;
import ofisino.core.kernel.Conflict;

/** The life of a need. Only an accepted part is available for work. */
public enum NeedState {
    NEEDED,
    HELD,
    SOURCED,
    ORDERED,
    RECEIVED,
    ACCEPTED,
    FITTED,
    VERIFIED,
    RETURNED,
    /** Not needed after all. */
    LEFT_OUT;

    private Set<NeedState> next() {
        return switch (this) {
            // a part that was in the garage all along is accepted without an order
            case NEEDED -> EnumSet.of(HELD, SOURCED, ORDERED, ACCEPTED, LEFT_OUT);
            case HELD -> EnumSet.of(NEEDED, LEFT_OUT);
            case SOURCED -> EnumSet.of(NEEDED, HELD, ORDERED, ACCEPTED, LEFT_OUT);
            case ORDERED -> EnumSet.of(RECEIVED, NEEDED);
            case RECEIVED -> EnumSet.of(ACCEPTED, RETURNED);
            case ACCEPTED -> EnumSet.of(FITTED, RETURNED);
            case FITTED -> EnumSet.of(VERIFIED, ACCEPTED);
            case VERIFIED -> EnumSet.noneOf(NeedState.class);
            case RETURNED -> EnumSet.of(NEEDED, LEFT_OUT);
            case LEFT_OUT -> EnumSet.of(NEEDED);
        };
    }

    /** In the garage, looked at and found right. */
    public boolean isAvailable() {
        return this == ACCEPTED || this == FITTED || this == VERIFIED;
    }

    /** What it is for waits for it. */
    public boolean isLacking() {
        return !isAvailable() && this != LEFT_OUT;
    }

    /** Whether it is on its way, or lies here for its job. */
    public boolean isComing() {
        return this == ORDERED || this == RECEIVED || this == ACCEPTED;
    }

    /** It may be ordered, where nothing else stands against it. */
    public boolean isOrderable() {
        return isToOrder() && this != HELD;
    }

    /** Whether it is on the vehicle. */
    public boolean isFitted() {
        return this == FITTED || this == VERIFIED;
    }

    /** Money for it is not committed yet. */
    public boolean isToOrder() {
        return this == NEEDED || this == HELD || this == SOURCED || this == RETURNED;
    }

    /**
     * Whether its price is still to be found. What went back or was called off and is paid for counts once, as what was paid, until that comes back.
     *
     * @param refundExpected its price was paid and has not come back
     */
    public boolean isToPay(boolean refundExpected) {
        return isToOrder() && !refundExpected;
    }

    /**
     * @param part what the person calls it
     * @throws Conflict when the step is not open from here
     */
    public NeedState to(NeedState wanted, String part) {
        if (!next().contains(wanted))
            throw Conflict.of(
                    "need.state", "“%s” is %s; it cannot become %s.", "%s", part, words(), wanted.words(), hint());
        return wanted;
    }

    private String hint() {
        return switch (this) {
            case HELD -> "Release it first.";
            case ORDERED -> "Record its arrival first.";
            case RECEIVED -> "Look at it and accept it or send it back.";
            case LEFT_OUT -> "Say first that it is needed after all.";
            default -> "Reload the page to see how it stands now.";
        };
    }

    private String words() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }
}
