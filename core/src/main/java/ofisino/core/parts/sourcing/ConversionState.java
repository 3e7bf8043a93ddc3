package ofisino.core.parts.sourcing;

import ofisino.core.kernel.Conflict;

/** Whether something else is fitted in the place of what was there. */
public enum ConversionState {
    /** While nobody has decided, neither its parts nor those that it would replace are ordered. */
    CONSIDERED,
    CHOSEN,
    DROPPED;

    /** What a decision does to a part. */
    public enum Effect {
        /** Its first step does not begin without it. */
        ESSENTIAL,
        /** It is bought as if there had been no conversion. */
        RELEASED,
        /** It is not bought, and no job waits for it. */
        LEFT_OUT
    }

    /** @throws Conflict where it was decided already */
    public ConversionState decided(boolean chosen) {
        if (this != CONSIDERED)
            throw Conflict.of(
                    "conversion.decided",
                    "That was decided already.",
                    "Reload the page; what changed since is changed at the parts themselves.");
        return chosen ? CHOSEN : DROPPED;
    }

    /**
     * @param isReplaced the part is one that the conversion takes the place of; else it belongs to its pack
     * @throws IllegalStateException while it is only considered
     */
    public Effect on(boolean isReplaced) {
        return switch (this) {
            case CHOSEN -> isReplaced ? Effect.LEFT_OUT : Effect.ESSENTIAL;
            case DROPPED -> isReplaced ? Effect.RELEASED : Effect.LEFT_OUT;
            case CONSIDERED -> throw new IllegalStateException("nobody has decided");
        };
    }
}
