package ofisino.core.money.buying;

import java.math.BigDecimal;
import java.math.RoundingMode;
import ofisino.core.kernel.InvalidValue;

/**
 * What a branded title or missing papers leave of the value of a clean one: a range, since nobody knows it exactly. A brand never turns
 * clean again. The bid uses the middle and both ends are shown. In hundredths of a percent; 10 000 for a clean title.
 */
public record TitleFactor(int lowBasisPoints, int highBasisPoints) {
    public static final int WHOLE = 10_000;
    /** As much as a clean one. */
    public static final TitleFactor CLEAN = new TitleFactor(WHOLE, WHOLE);

    public TitleFactor {
        if (lowBasisPoints < 0 || lowBasisPoints > highBasisPoints || highBasisPoints > WHOLE)
            throw InvalidValue.at(
                    "titleFactor",
                    "title.range",
                    "%s to %s %% cannot be the share of the value.",
                    "Enter the lower figure first, both between 0 and 100 %%.",
                    lowBasisPoints / 100.0,
                    highBasisPoints / 100.0);
    }

    /** The lower end of what it fetches; minor units, like the clean value. */
    public long low(long cleanMinor) {
        return of(cleanMinor, lowBasisPoints, 1);
    }

    /** Half way between the ends; minor units, like the clean value. */
    public long middle(long cleanMinor) {
        return of(cleanMinor, lowBasisPoints + highBasisPoints, 2);
    }

    /** The upper end of what it fetches; minor units, like the clean value. */
    public long high(long cleanMinor) {
        return of(cleanMinor, highBasisPoints, 1);
    }

    private static long of(long minor, int basisPoints, int divisor) {
        return BigDecimal.valueOf(minor)
                .multiply(BigDecimal.valueOf(basisPoints))
                .divide(BigDecimal.valueOf((long) WHOLE * divisor), 0, RoundingMode.HALF_EVEN)
                .longValueExact();
    }
}
