package ofisino.core.parts.sourcing;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * What it costs when a part fails or does not fit: its job and the way in once more, the post back, and the right part.
 *
 * @param minutes       of the job and of the way in again
 * @param hourMinor     what an hour is worth
 * @param postBackMinor to send the wrong one back
 * @param rightMinor    landed cost of the right one
 */
public record Rework(long minutes, long hourMinor, long postBackMinor, long rightMinor) {
    private static final BigDecimal HOUR = BigDecimal.valueOf(60);

    public Rework {
        if (minutes < 0 || hourMinor < 0 || postBackMinor < 0 || rightMinor < 0)
            throw new IllegalArgumentException("Below nothing");
    }

    /** What is to be feared: the chance times the cost, to the minor unit, half to even. @param wrongPercent 0 to 100 */
    public long riskMinor(int wrongPercent) {
        BigDecimal sixtieths = BigDecimal.valueOf(minutes)
                .multiply(BigDecimal.valueOf(hourMinor))
                .add(BigDecimal.valueOf(Math.addExact(postBackMinor, rightMinor))
                        .multiply(HOUR));
        return sixtieths
                .multiply(BigDecimal.valueOf(wrongPercent, 2))
                .divide(HOUR, 0, RoundingMode.HALF_EVEN)
                .longValueExact();
    }
}
