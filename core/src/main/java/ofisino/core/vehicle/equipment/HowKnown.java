package ofisino.core.vehicle.equipment;

/** How it is known what a vehicle has. */
public enum HowKnown {
    /** Seen on it. */
    SEEN,
    /** Read in its papers or in its maker's book for this vehicle. */
    PAPERS,
    /** Somebody said so. */
    SAID,
    /** From body, year and layout. */
    GUESSED;

    /** Whether it rules out everything else: a guess and a saying add, they never take away. */
    public boolean rulesOut() {
        return this == SEEN || this == PAPERS;
    }
}
