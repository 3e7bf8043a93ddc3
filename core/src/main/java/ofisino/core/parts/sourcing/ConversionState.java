package ofisino.core.parts.sourcing;

import ofisino.core.kernel.Conflict;

/** Whether something else is fitted in the place of what was there. */
public enum ConversionState {
    /** While nobody has decided, neither its parts nor those that it would replace are ordered. */
    CONSIDERED,
    CHOSEN,
    DROPPED;

    /** @throws Conflict where it was decided already */
    public ConversionState decided(boolean chosen) {
        if (this != CONSIDERED)
            throw Conflict.of(
                    "conversion.decided",
                    "That was decided already.",
                    "Reload the page; what changed since is changed at the parts themselves.");
        return chosen ? CHOSEN : DROPPED;
    }
}
