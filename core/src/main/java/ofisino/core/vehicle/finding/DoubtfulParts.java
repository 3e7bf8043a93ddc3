package ofisino.core.vehicle.finding;

/** What a project does with a part that is neither good nor gone. Practitioners differ, so it is chosen, never built in. */
public enum DoubtfulParts {
    /** One labour and no worry, for more money. */
    REPLACE,
    /** What measures within its limits stays: cheaper, rarer, original. */
    REUSE_WHAT_MEASURES
}
