package ofisino.core.vehicle.finding;

/** What is to happen with a finding. */
public enum Decision {
    INVESTIGATE,
    REPAIR,
    REPLACE,
    REUSE,
    TEMPORARY,
    DEFER,
    ACCEPT;

    /** Whether the decision is carried out by jobs. */
    public boolean leadsToJobs() {
        return this == INVESTIGATE || this == REPAIR || this == REPLACE || this == TEMPORARY;
    }
}
