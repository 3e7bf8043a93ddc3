package ofisino.core.bench.panel;

import ofisino.core.kernel.InvalidValue;

/**
 * How much of a damage a repair panel covers; the rest has to be made. Both are taken as rectangles laid edge on edge, so the panel may also be
 * turned: the better way counts. Plane geometry, no source needed.
 *
 * @param damageMm2  area of the damage
 * @param coveredMm2 of it
 * @param edgeMm     length of the edge along which the damage is cut out
 */
public record PanelCover(long damageMm2, long coveredMm2, long edgeMm) {
    private static final int LONGEST_MM = 10_000;
    /** From one spot weld of a factory seam to the next. Common practice, no source. */
    private static final int SPOT_PITCH_MM = 40;
    /** Spot welds that a drill bit lasts. Common practice, no source. */
    private static final int WELDS_PER_BIT = 50;
    /** Millimetres of edge that are cut and dressed with one disc. Common practice, no source. */
    private static final int EDGE_PER_DISC_MM = 800;

    /** Compares patch and panel. Lengths in millimetres. @throws InvalidValue when one of them is not above 0 */
    public static PanelCover of(int damageLengthMm, int damageWidthMm, int panelLengthMm, int panelWidthMm) {
        for (int mm : new int[] {damageLengthMm, damageWidthMm, panelLengthMm, panelWidthMm})
            if (mm <= 0 || mm > LONGEST_MM)
                throw InvalidValue.of(
                        "panel.size",
                        "%d mm is no size of a panel.",
                        "Enter millimetres between 1 and %d.",
                        mm,
                        LONGEST_MM);
        long straight = overlap(damageLengthMm, panelLengthMm) * overlap(damageWidthMm, panelWidthMm);
        long turned = overlap(damageLengthMm, panelWidthMm) * overlap(damageWidthMm, panelLengthMm);
        return new PanelCover(
                (long) damageLengthMm * damageWidthMm,
                Math.max(straight, turned),
                2L * (damageLengthMm + damageWidthMm));
    }

    private static long overlap(int a, int b) {
        return Math.min(a, b);
    }

    /** What has to be made by hand. */
    public long toMakeMm2() {
        return damageMm2 - coveredMm2;
    }

    /** Spot welds to drill out where the edge runs along a seam all the way: the most that there can be. */
    public int spotWelds() {
        return ceil(edgeMm, SPOT_PITCH_MM);
    }

    /** Drill bits that these wear out. */
    public int drillBits() {
        return ceil(spotWelds(), WELDS_PER_BIT);
    }

    /** Cutting and flap discs for the edge. */
    public int discs() {
        return ceil(edgeMm, EDGE_PER_DISC_MM);
    }

    private static int ceil(long amount, int each) {
        return (int) ((amount + each - 1) / each);
    }

    /** In whole percent. */
    public int coveredPercent() {
        return (int) Math.round(100.0 * coveredMm2 / damageMm2);
    }
}
