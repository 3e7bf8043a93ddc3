package ofisino.core.plan.job;

/** What an operation does more exactly, where the order of work depends on it. */
public enum Detail {
    SEALER_OFF,
    DEGREASE,
    SEAM_SEAL,
    CAVITY_WAX,
    DRILL,
    CRACK_CHECK,
    /** Threads, bearing seats and earth points are covered before a coat. */
    MASK,
    /** Every gallery is washed out and proved clear, one at a time. */
    FLUSH,
    MEASURE,
    CARPET,
    GLASS,
    HEADLINING,
    WATER_TEST,
    /** Battery off, and the wait that the maker states. */
    ISOLATE,
    NEEDS_POWER,
    /** Rubber bushes are tightened with the weight on the wheels. */
    RIDE_HEIGHT,
    BRAKE_TEST,
    TURN_BY_HAND,
    FIRST_START,
    ROAD_TEST,
    EARTHS,
    /** After it nobody sees the place again. */
    CLOSE_UP,
    PRESSURE_TEST,
    /** Mends what is needed for now only; the permanent job comes later. */
    FOR_NOW,
    /** A mark that brings it back to where it was: drilled, tacked, scribed, photographed. */
    MARK_POSITION,
    /** Something hangs loose or moves once this is undone. */
    LOOSENS
}
