package ofisino.core.plan.orderofwork;

/** The phases of a restoration, in their order: a grouping for the eye, not a wall. Common practice, no source. */
public enum Phase {
    ASSESS_AND_STRIP,
    STRUCTURE,
    MECHANICAL,
    BODY_AND_PAINT,
    REFIT,
    START_AND_TEST,
    ROAD
}
