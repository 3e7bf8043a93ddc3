package ofisino.core.vehicle.equipment;

/** Where the engine is and which wheels it drives: it decides what is where, and what is in the way of what. */
public enum Layout {
    FRONT_ENGINE_REAR_DRIVE,
    FRONT_ENGINE_FRONT_DRIVE,
    FOUR_WHEEL_DRIVE,
    MID_ENGINE,
    REAR_ENGINE,
    MOTORCYCLE
}
