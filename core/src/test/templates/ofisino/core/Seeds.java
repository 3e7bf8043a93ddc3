package ofisino.core;

/** Where drawn tests begin. Made when the tests are built: {@code ./ofisino test} draws the same each day, {@code ./ofisino prove} anew. */
public final class Seeds {
    /** Of every property; empty for a fresh one each time, which is said where it fails. */
    public static final String OF_THE_DAY = "${ofisino.property-seed}";

    private Seeds() {}
}
