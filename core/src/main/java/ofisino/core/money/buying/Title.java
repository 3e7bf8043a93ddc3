package ofisino.core.money.buying;

/**
 * What the papers of a vehicle say of its past, and what that usually leaves of its value. Common practice, no source; a rare vehicle with
 * a well documented repair loses less. A person may differ.
 */
public enum Title {
    CLEAN(10_000, 10_000),
    /** Written off once, mended and inspected. */
    REBUILT(7_500, 8_500),
    /** Written off and not yet inspected again. */
    SALVAGE(5_000, 7_000),
    NO_PAPERS(5_500, 8_000);

    private final TitleFactor usual;

    Title(int lowBasisPoints, int highBasisPoints) {
        usual = new TitleFactor(lowBasisPoints, highBasisPoints);
    }

    /** What a vehicle with this title usually fetches against a clean one. */
    public TitleFactor usual() {
        return usual;
    }
}
