package ofisino.core.kernel;

import java.math.BigDecimal;
import java.util.List;
import org.joda.money.CurrencyUnit;
import org.joda.money.IllegalCurrencyException;
import org.joda.money.Money;

/** Currencies by their ISO 4217 letters, refused in words where there is no such currency or it has no minor unit. */
public final class Currencies {
    /** A million million (10^12) minor units: far above any restoration, far below an overflow, even of a thousand such amounts. */
    public static final long LARGEST_MINOR = 1_000_000_000_000L;

    private Currencies() {}

    /** All that an amount can be in, by their letters. How many digits each has after the point is decided here and nowhere else. */
    public static List<CurrencyUnit> all() {
        return CurrencyUnit.registeredCurrencies().stream()
                .filter(unit -> !unit.isPseudoCurrency())
                .sorted()
                .toList();
    }

    /** @param letters ISO 4217, as typed @throws InvalidValue naming the field when no currency is called so */
    public static CurrencyUnit of(String field, String letters) {
        try {
            CurrencyUnit unit = CurrencyUnit.of(letters == null ? "" : letters.strip());
            if (!unit.isPseudoCurrency()) return unit;
        } catch (IllegalCurrencyException unknown) {
            // falls through to the one sentence
        }
        throw InvalidValue.at(
                field, "currency.unknown", "“%s” is no currency.", "Use the three letters, for instance EUR.", letters);
    }

    /** An amount in minor units, within what a garage can mean. */
    public static Money minor(String field, CurrencyUnit unit, long minor) {
        return within(field, Money.ofMinor(unit, minor));
    }

    /** The amount itself, where it is within what a garage can mean. */
    static Money within(String field, Money amount) {
        if (amount.getAmountMinor().abs().compareTo(BigDecimal.valueOf(LARGEST_MINOR)) > 0)
            throw InvalidValue.at(
                    field, "amount.range", "The amount (%s) is too large.", "Check the decimal point.", amount);
        return amount;
    }
}
