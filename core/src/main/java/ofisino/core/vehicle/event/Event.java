package ofisino.core.vehicle.event;

/** What may have happened to a vehicle, so that further parts come under suspicion. */
public enum Event {
    RAN_DRY,
    FLOODED,
    CRASHED,
    AIRBAGS_FIRED,
    VERMIN,
    WRONG_JACKING,
    LONG_SLEEP
}
