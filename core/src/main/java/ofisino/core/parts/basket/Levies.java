package ofisino.core.parts.basket;

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

    /** Landed, not rounded, in millionths of a minor unit; adds up. @param minor goods or post, at most 10¹¹ */
    long millionths(long minor) {
        return Math.multiplyExact(minor, (long) (WHOLE + dutyPerMille) * (WHOLE + taxPerMille));
    }

    /** Duty on an amount, to the minor unit, half to even. */
    long duty(long minor) {
        return rounded(Math.multiplyExact(minor, (long) dutyPerMille), WHOLE);
    }

    /** Duty and tax on an amount; rounded once, so that a parcel's sum is what its goods and post are by themselves. */
    long both(long minor) {
        return rounded(millionths(minor), WHOLE * WHOLE) - minor;
    }

    static long rounded(long number, long by) {
        long floor = Math.floorDiv(number, by);
        long twice = 2 * Math.floorMod(number, by);
        return twice > by || twice == by && floor % 2 != 0 ? floor + 1 : floor;
    }
}
