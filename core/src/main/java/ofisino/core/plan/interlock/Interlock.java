package ofisino.core.plan.interlock;

/**
 * What has to be so before the first step of a job. Each is confirmed by itself, by somebody, at a time; there is none for all. Which work asks
 * for which stands in {@link Interlocks}. Common practice, no source; the maker's manual and local codes come first.
 */
public enum Interlock {
    /** Battery off. */
    ISOLATED,
    /** The wait that the maker states after the battery is off; half an hour where nobody has looked it up. */
    RESTRAINT_WAITED,
    /** Earth and supply of control units are off too. */
    CONTROL_UNITS_OFF,
    /** On stands that are rated for it, chocked, and pushed against. */
    SUPPORTED,
    /** It may stand on air or oil under pressure: it cannot drop. */
    CANNOT_DROP,
    DRAINED,
    /** An injected engine holds fuel under pressure for days. */
    PRESSURE_RELEASED,
    /** None fitted, or recovered by a licensed workshop. */
    REFRIGERANT_OUT,
    /** None fitted, or made safe by a licensed workshop. */
    GAS_SAFE,
    /** None fitted, or made dead by somebody who is licensed for it. */
    HIGH_VOLTAGE_DEAD,
    /** Looked into, smelt and blown through: drained is not empty. */
    PROVED_EMPTY,
    FUEL_AWAY,
    VENTILATED,
    EXTINGUISHER,
    /** Somebody stays, or comes back, for an hour after the last spark. */
    FIRE_WATCH,
    EYES_AND_HANDS,
    /** The arm is supported, or a rated compressor holds the spring. */
    SPRING_HELD,
    /** Old paint and body solder: wet, masked, no dust in a room that people live in. */
    LEAD_MASKED,
    /** A sign at the key: do not start. */
    DO_NOT_RUN,
    DO_NOT_DRIVE,
    CHOCKED_IN_NEUTRAL,
    /** Nobody in front, room to run out. */
    CLEAR_GROUND,
    /** Seat (cone, ball or flat) and thread of the nuts belong to these rims. */
    NUT_SEAT,
    HOIST_RATED,
    TWO_PEOPLE;

    /** What was so on an earlier day counts for these alone: what was let out stays out, rims do not change. */
    public boolean isOnlyForToday() {
        return this != DRAINED && this != NUT_SEAT && this != REFRIGERANT_OUT;
    }
}
