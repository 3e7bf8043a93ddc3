package ofisino.core.money.budget;

import ofisino.core.kernel.ExchangeRate;
import org.joda.money.Money;

/**
 * What of an order is still to be paid, or comes back.
 *
 * @param total    of the order, in its currency
 * @param returned of it, the prices of what was sent back
 * @param paid     posted entries for it, in the same currency; refunds negative
 */
public record OrderBalance(Money total, Money returned, Money paid) {
    /** In the order's currency; never negative: what was overpaid is spent, not owed. */
    public Money open() {
        return notBelowZero(total.minus(returned).minus(paid));
    }

    /** What was paid for things that were sent back and did not come back yet; it counts as spent until it does. */
    public Money refundExpected() {
        Money over = notBelowZero(paid.minus(total.minus(returned)));
        return over.isGreaterThan(returned) ? returned : over;
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
