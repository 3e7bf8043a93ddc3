package ofisino.core.kernel;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * A dated exchange rate: one unit of {@code foreign} is {@code basePerForeign} units of {@code base}.
 * The only place where money is rounded to another currency: half-even at its minor unit, once per amount.
 *
 * @param basePerForeign positive; 1 where the currencies are equal
 */
public record ExchangeRate(CurrencyUnit foreign, CurrencyUnit base, BigDecimal basePerForeign, LocalDate date) {
    /** No currency of today stands higher against another. */
    public static final BigDecimal LARGEST = new BigDecimal("1000000");

    public ExchangeRate {
        if (basePerForeign.signum() <= 0 || basePerForeign.compareTo(LARGEST) > 0)
            throw InvalidValue.at(
                    "rate",
                    "rate.range",
                    "The rate (%s) must be above 0 and not above %s.",
                    "Enter how much one %s is in %s.",
                    basePerForeign.toPlainString(),
                    LARGEST.toPlainString(),
                    foreign,
                    base);
        if (foreign.equals(base) && basePerForeign.compareTo(BigDecimal.ONE) != 0)
            throw InvalidValue.at(
                    "rate",
                    "rate.same-currency",
                    "Between %s and %s the rate is 1, not %s.",
                    "Enter 1.",
                    foreign,
                    base,
                    basePerForeign.toPlainString());
    }

    /** The rate of a currency to itself. */
    public static ExchangeRate none(CurrencyUnit base, LocalDate date) {
        return new ExchangeRate(base, base, BigDecimal.ONE, date);
    }

    /** The amount in the base currency. */
    public Money toBase(Money amount) {
        if (!amount.getCurrencyUnit().equals(foreign))
            throw InvalidValue.at(
                    "currency",
                    "rate.currency",
                    "The rate is for %s but the amount is in %s.",
                    "Enter the rate of %s.",
                    foreign,
                    amount.getCurrencyUnit(),
                    amount.getCurrencyUnit());
        return foreign.equals(base)
                ? amount
                : Currencies.within("amount", amount.convertedTo(base, basePerForeign, RoundingMode.HALF_EVEN));
    }
}
