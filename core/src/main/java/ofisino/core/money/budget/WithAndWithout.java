package ofisino.core.money.budget;

import java.math.BigInteger;

/**
 * What a car has cost, with and without what is no cash: people compare totals that hold different things.
 *
 * @param cashMinor  all that was paid, tools among it; minor units of the base currency
 * @param toolsMinor of it, for tools that stay when the car goes
 * @param stockMinor what things from one's own stock would have cost somebody else
 * @param minutes    worked on it
 * @param hourMinor  what a workshop asks for an hour; 0 where nobody said
 */
public record WithAndWithout(long cashMinor, long toolsMinor, long stockMinor, long minutes, long hourMinor) {
    private static final BigInteger MINUTES_AN_HOUR = BigInteger.valueOf(60);
    private static final BigInteger TWO = BigInteger.valueOf(2);

    /** Without the tools. */
    public long withoutToolsMinor() {
        return Math.subtractExact(cashMinor, toolsMinor);
    }

    /** What it would cost others: cash, and what came from own stock at no cash. */
    public long wouldCostOthersMinor() {
        return Math.addExact(cashMinor, stockMinor);
    }

    /** What a workshop would have asked for the hours, rounded half up. */
    public long labourMinor() {
        return BigInteger.valueOf(minutes)
                .multiply(BigInteger.valueOf(hourMinor))
                .multiply(TWO)
                .add(MINUTES_AN_HOUR)
                .divide(MINUTES_AN_HOUR.multiply(TWO))
                .longValueExact();
    }

    /** What it would have cost others who had the work done. */
    public long withLabourMinor() {
        return Math.addExact(wouldCostOthersMinor(), labourMinor());
    }
}
