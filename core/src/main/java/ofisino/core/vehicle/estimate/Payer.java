package ofisino.core.vehicle.estimate;

/** Somebody else who owes a repair: then it costs the owner nothing, and still has to be done. A recall stays open whoever owns the car. */
public enum Payer {
    RECALL,
    INSURER,
    SELLER,
    VENDOR,
    WORKSHOP
}
