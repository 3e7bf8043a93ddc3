package ofisino.core.kernel;

/** The systems of a vehicle by which findings, jobs and money are told apart. */
public enum VehicleSystem {
    STRUCTURE,
    BRAKES,
    STEERING_AND_SUSPENSION,
    ENGINE,
    COOLING,
    FUEL,
    EXHAUST,
    TRANSMISSION,
    ELECTRICAL,
    RESTRAINT,
    BODY,
    GLASS_AND_SEALS,
    TRIM,
    WHEELS_AND_TYRES,
    /** Number, plate, title, recalls: what says which vehicle it is and whose. */
    PAPERS;

    /** Systems where nothing temporary and no "accept as it is" is allowed: a failure hurts people at once. */
    public boolean neverTemporary() {
        return switch (this) {
            case BRAKES, STEERING_AND_SUSPENSION, RESTRAINT, FUEL -> true;
            default -> false;
        };
    }
}
