package ofisino.core.kernel;

/**
 * How far a restoration goes. Ordered: each aim contains the ones before it.
 * Every finding and job carries the lowest aim that needs it.
 */
public enum Aim {
    /** Starts, moves and stops on private ground. */
    RUNNER,
    /** Passes the local inspection. */
    ROAD_READY,
    /** Reliable and comfortable every day. */
    DRIVER,
    /** Finish and originality. */
    SHOW;

    /** Whether work of the given aim has to be done to reach this one. */
    public boolean needs(Aim work) {
        return work.compareTo(this) <= 0;
    }
}
