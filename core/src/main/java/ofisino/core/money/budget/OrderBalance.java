package ofisino.core.money.budget;

import ofisino.core.kernel.ExchangeRate;
import org.joda.money.Money;

/**
 * What of an order is still to be paid.
 *
 * @param total of the order, in its currency
 * @param paid  posted entries for it, in the same currency; refunds negative
 */
public record OrderBalance(Money total, Money paid) {
    /** In the order's currency; never negative: what was overpaid is spent, not owed. */
    public Money open() {
        Money rest = total.minus(paid);
        return rest.isNegative() ? Money.zero(total.getCurrencyUnit()) : rest;
    }

    /** In the base currency at the rate on ordering. */
    public Money openInBase(ExchangeRate onOrdering) {
        return onOrdering.toBase(open());
    }
}
