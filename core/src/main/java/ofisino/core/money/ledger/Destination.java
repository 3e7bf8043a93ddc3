package ofisino.core.money.ledger;

/** What money was spent on. */
public enum Destination {
    JOB,
    VEHICLE,
    TOOLS,
    DONOR,
    STOCK,
    GENERAL,
    /** The difference between the rate on ordering and the rate on paying. */
    RATE_DIFFERENCE,
    UNASSIGNED
}
