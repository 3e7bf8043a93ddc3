package ofisino.core.money.budget;

import ofisino.core.kernel.ExchangeRate;
import org.joda.money.Money;

/**
 * What of an order is still to be paid, or comes back.
 *
 * @param total    of the order, in its currency
 * @param returned of it, the prices of what was sent back
 * @param lost     of what was sent back, the prices that nobody expects to come back any more
 * @param paid     posted entries for it, in the same currency; refunds negative
 */
public record OrderBalance(Money total, Money returned, Money lost, Money paid) {
    /** In the order's currency; never negative: what was overpaid is spent, not owed. */
    public Money open() {
        return notBelowZero(total.minus(returned).minus(paid));
    }

    /** What was paid for things that were sent back and did not come back yet; it counts as spent until it does. What is given up stays spent, and is no debt. */
    public Money refundExpected() {
        Money over = notBelowZero(paid.minus(total.minus(returned)));
        return notBelowZero((over.isGreaterThan(returned) ? returned : over).minus(lost));
    }

    /** Another invoice for it would count twice. */
    public boolean isPaid() {
        return open().isZero();
    }

    private static Money notBelowZero(Money money) {
        return money.isNegative() ? Money.zero(money.getCurrencyUnit()) : money;
    }

    /** In the base currency at the rate on ordering. */
    public Money openInBase(ExchangeRate onOrdering) {
        return onOrdering.toBase(open());
    }
}
