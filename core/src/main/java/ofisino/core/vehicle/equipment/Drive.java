package ofisino.core.vehicle.equipment;

/** Where the engine sits and what it drives. */
public enum Drive {
    REAR,
    FRONT,
    ALL,
    /** Engine and drive at the rear. */
    REAR_ENGINE
}
