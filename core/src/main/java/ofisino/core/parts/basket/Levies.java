package ofisino.core.parts.basket;

import java.math.BigDecimal;
import java.math.RoundingMode;
import ofisino.core.kernel.InvalidValue;

/**
 * What is charged where something crosses a border. Duty is charged on goods and carriage, tax on all of that with the duty: customs value with the
 * cost of transport, Regulation (EU) 952/2013 art. 70 and 71(1)(e); taxable amount with duty, Directive 2006/112/EC art. 85 and 86. What a
 * person's own country relieves is his to say: then it is 0.
 *
 * @param dutyPerMille of goods and post, 0 to 1000
 * @param taxPerMille  of goods, post and duty, 0 to 1000
 */
public record Levies(int dutyPerMille, int taxPerMille) {
    /** Bought at home, taxes in the price. */
    public static final Levies NONE = new Levies(0, 0);

    private static final int WHOLE = 1000;

    public Levies {
        inRange("dutyPerMille", dutyPerMille);
        inRange("taxPerMille", taxPerMille);
    }

    private static void inRange(String field, int perMille) {
        if (perMille < 0 || perMille > WHOLE)
            throw InvalidValue.at(
                    field,
                    "levies.range",
                    "%d in a thousand is no rate of duty or tax.",
                    "Enter 0 to 100 per cent.",
                    perMille);
    }

    /** What one minor unit of goods or post comes to at the door; not rounded. */
    BigDecimal perMinor() {
        return perMille(dutyPerMille).multiply(perMille(taxPerMille));
    }

    private static BigDecimal perMille(int rate) {
        return BigDecimal.ONE.add(BigDecimal.valueOf(rate, 3));
    }

    /** Duty on an amount, to the minor unit, half to even. */
    long duty(long minor) {
        return rounded(BigDecimal.valueOf(minor).multiply(BigDecimal.valueOf(dutyPerMille, 3)));
    }

    /** Duty and tax on an amount; rounded once, so that a parcel's sum is what its goods and post are by themselves. */
    long both(long minor) {
        return rounded(BigDecimal.valueOf(minor).multiply(perMinor())) - minor;
    }

    private static long rounded(BigDecimal minor) {
        return minor.setScale(0, RoundingMode.HALF_EVEN).longValueExact();
    }
}
