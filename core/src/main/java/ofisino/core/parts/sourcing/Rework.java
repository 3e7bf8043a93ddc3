package ofisino.core.parts.sourcing;

/**
 * What it costs when a part fails or does not fit: its job and the way in once more, the post back, and the right part.
 *
 * @param minutes       of the job and of the way in again
 * @param hourMinor     what an hour is worth
 * @param postBackMinor to send the wrong one back
 * @param rightMinor    landed cost of the right one
 */
public record Rework(long minutes, long hourMinor, long postBackMinor, long rightMinor) {
    private static final int WHOLE = 100;
    private static final int HOUR = 60;

    public Rework {
        if (minutes < 0 || hourMinor < 0 || postBackMinor < 0 || rightMinor < 0)
            throw new IllegalArgumentException("Below nothing");
    }

    /** What is to be feared: the chance times the cost, to the minor unit, half up. @param wrongPercent 0 to 100 */
    public long riskMinor(int wrongPercent) {
        long once =
                Math.addExact(Math.addExact(Math.multiplyExact(minutes, hourMinor) / HOUR, postBackMinor), rightMinor);
        return (Math.multiplyExact(once, (long) wrongPercent) + WHOLE / 2) / WHOLE;
    }
}
