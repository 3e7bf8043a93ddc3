package ofisino.core.plan.access;

/** Where the engine is and which wheels it drives: it decides what is in the way of what. */
public enum Layout {
    FRONT_ENGINE_REAR_DRIVE,
    FRONT_ENGINE_FRONT_DRIVE,
    REAR_ENGINE,
    MOTORCYCLE
}
