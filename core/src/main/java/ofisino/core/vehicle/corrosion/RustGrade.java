package ofisino.core.vehicle.corrosion;

/**
 * Degree of rusting by the share of the area that rusted.
 *
 * <p>Source: ISO 4628-3:2016, table 1, from memory, unverified. The standard gives one share for each degree; a share between two belongs
 * to the nearer on a scale of ratios (geometric middle), which is our own rule.
 */
public enum RustGrade {
    RI_0(0),
    RI_1(0.05),
    RI_2(0.5),
    RI_3(1),
    RI_4(8),
    /** Published as 40 to 50 %. */
    RI_5(40);

    private final double rustedPercent;

    RustGrade(double rustedPercent) {
        this.rustedPercent = rustedPercent;
    }

    /** Share of the area that is rusty, percent: ISO 4628-3, from memory. */
    public double rustedPercent() {
        return rustedPercent;
    }

    /** @param percent of the area that rusted, from 0 to 100 */
    public static RustGrade of(double percent) {
        RustGrade found = percent > 0 ? RI_1 : RI_0;
        for (RustGrade grade : values())
            if (grade.ordinal() > RI_1.ordinal() && percent >= grade.lowerBound()) found = grade;
        return found;
    }

    private double lowerBound() {
        return Math.sqrt(rustedPercent * values()[ordinal() - 1].rustedPercent);
    }
}
