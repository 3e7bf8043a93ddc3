package ofisino.core.money.keeping;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.OptionalLong;

/**
 * What a project leaves over, or costs, and for how much work.
 *
 * @param minor   all that came in less all that went out; minor units
 * @param minutes of work of one's own
 */
public record Result(long minor, long minutes) {
    private static final int MINUTES_AN_HOUR = 60;

    /** What an hour of it brought, half to even; empty where nobody worked. */
    public OptionalLong perHour() {
        return minutes <= 0
                ? OptionalLong.empty()
                : OptionalLong.of(
                        share(BigDecimal.valueOf(minor).multiply(BigDecimal.valueOf(MINUTES_AN_HOUR)), minutes));
    }

    /** What would be left if the hours had been paid. @param hourMinor for each, 0 or more */
    public long ifPaid(long hourMinor) {
        return minor - share(BigDecimal.valueOf(hourMinor).multiply(BigDecimal.valueOf(minutes)), MINUTES_AN_HOUR);
    }

    private static long share(BigDecimal minor, long by) {
        return minor.divide(BigDecimal.valueOf(by), 0, RoundingMode.HALF_EVEN).longValueExact();
    }
}
