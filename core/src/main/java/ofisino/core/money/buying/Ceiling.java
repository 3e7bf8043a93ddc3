package ofisino.core.money.buying;

import java.util.List;
import ofisino.core.plan.risk.TotalDraws;

/**
 * The highest sensible bid: value when finished × title factor − repair − costs of buying − margin. Repair is read at 8 in 10 of 10 000
 * seeded draws of all findings and all that unseen places may hide, never as a sum of cautious figures; a fixed allowance is added as it is.
 *
 * @param price  the ceiling; the costs of buying are those at this price. At 0 or below not even a gift pays
 * @param atLow  the ceiling at the low end of the title's range, @param atHigh at its high end
 * @param value  finished value × the middle of the title factor
 * @param repair at 8 in 10, with the allowance
 * @param rest   what rounding leaves over: the sum is exact with it
 */
public record Ceiling(
        long price,
        long atLow,
        long atHigh,
        long value,
        long repair,
        List<BuyingCosts.CostLine> costs,
        long margin,
        long rest) {
    /** With the repair drawn from the case's own chances and seed. */
    public static Ceiling of(BuyingCase c) {
        return of(c, TotalDraws.of(c.chances(), c.seed()));
    }

    static Ceiling of(BuyingCase c, TotalDraws draws) {
        long repair = repair(c, draws);
        long value = c.title().middle(c.finishedValue());
        long price = price(c, value, draws);
        long rest = value - repair - c.costs().sumAt(Math.max(0, price)) - c.margin() - price;
        return new Ceiling(
                price,
                price(c, c.title().low(c.finishedValue()), draws),
                price(c, c.title().high(c.finishedValue()), draws),
                value,
                repair,
                c.costs().at(Math.max(0, price)),
                c.margin(),
                rest);
    }

    /** What it must fetch when finished so that nothing is lost, bought at this price. */
    public long breakEven(long price, BuyingCosts costsOfBuying) {
        return price + costsOfBuying.sumAt(price) + repair;
    }

    private static long repair(BuyingCase c, TotalDraws draws) {
        return Math.round(draws.inTen(8)) + c.allowance();
    }

    /** The costs rise with the price, so the highest price that the rest pays for is found by halving. */
    static long price(BuyingCase c, long value, TotalDraws draws) {
        return paidFor(value - repair(c, draws) - c.margin(), c.costs());
    }

    /** The highest sensible bid for its parts alone. @param parts what they fetch or save; at 0 or below not even a gift pays */
    public static long asDonor(long parts, BuyingCosts costs, long margin) {
        return paidFor(parts - margin, costs);
    }

    private static long paidFor(long free, BuyingCosts costs) {
        if (free - costs.sumAt(0) <= 0) return free - costs.sumAt(0);
        long pays = 0;
        long doesNot = free + 1;
        while (doesNot - pays > 1) {
            long middle = pays + (doesNot - pays) / 2;
            if (middle + costs.sumAt(middle) <= free) pays = middle;
            else doesNot = middle;
        }
        return pays;
    }
}
