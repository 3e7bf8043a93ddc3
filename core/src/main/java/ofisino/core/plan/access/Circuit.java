package ofisino.core.plan.access;

/** What is drained and filled again. */
public enum Circuit {
    COOLANT,
    ENGINE_OIL,
    GEARBOX_OIL,
    AXLE_OIL,
    FORK_OIL,
    BRAKE_FLUID,
    CLUTCH_FLUID,
    STEERING_FLUID,
    FUEL,
    REFRIGERANT;

    /** Where an old filling "for now" could hurt somebody, or may only be let out by a licensed trade. Common practice, no source. */
    public boolean neverTemporary() {
        return switch (this) {
            case BRAKE_FLUID, CLUTCH_FLUID, STEERING_FLUID, FUEL, REFRIGERANT -> true;
            default -> false;
        };
    }
}
