package ofisino.core.vehicle.identity;

import java.util.Locale;

/** What tells one vehicle, or one variant of it, from another. Common practice, no source. */
public enum Feature {
    VEHICLE_NUMBER(true),
    ENGINE_NUMBER(true),
    GEARBOX_NUMBER(true),
    MAKERS_PLATE(true),
    /** Dates cast, stamped or etched into parts that nobody changes without a reason. */
    DATE_MARKS(false),
    /** Under badges, carpets and seals, where nobody repaints. */
    COLOUR_TRACES(false),
    VARIANT(false),
    PAPERS_AND_HISTORY(false);

    private final boolean literal;

    Feature(boolean literal) {
        this.literal = literal;
    }

    /** Two strings of characters that must be the same; of the others a person says whether they agree. */
    public boolean isLiteral() {
        return literal;
    }

    /** What is known of a feature. */
    public enum Standing {
        CONFIRMED,
        CONTRADICTS,
        UNCHECKED
    }

    /**
     * What stands in the papers against what stands on the vehicle.
     *
     * @param agrees what a person says of it; asked only where the two cannot be compared character by character
     */
    public Standing compare(String expected, String found, Boolean agrees) {
        String inPapers = bare(expected);
        String onVehicle = bare(found);
        if (inPapers.isEmpty() || onVehicle.isEmpty()) return Standing.UNCHECKED;
        if (literal) return inPapers.equals(onVehicle) ? Standing.CONFIRMED : Standing.CONTRADICTS;
        if (agrees == null) return Standing.UNCHECKED;
        return agrees ? Standing.CONFIRMED : Standing.CONTRADICTS;
    }

    /** Blanks, dashes and dots between groups are nobody's number. */
    private static String bare(String text) {
        return text.replaceAll("[\\s.\\-/*]", "").toUpperCase(Locale.ROOT);
    }
}
