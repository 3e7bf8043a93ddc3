package ofisino.core.kernel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDate;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExchangeRateTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    /** By hand: 1 EUR = 1.0850 USD, 0.8560 GBP, 162.35 JPY, so one unit is 1 ÷ rate EUR; each amount rounded once. */
    @ParameterizedTest
    @CsvSource({"USD 1250.00, 1.0850, 1152.07", "GBP 199.99, 0.8560, 233.63", "JPY 45000, 162.35, 277.18"})
    void convertsAtADatedRate(String amount, BigDecimal perEuro, BigDecimal expected) {
        Money money = Money.parse(amount);
        var rate = new ExchangeRate(
                money.getCurrencyUnit(), CurrencyUnit.EUR, BigDecimal.ONE.divide(perEuro, MathContext.DECIMAL64), DAY);
        assertThat(rate.toBase(money)).isEqualTo(Money.of(CurrencyUnit.EUR, expected));
    }

    /** Half-even at the minor unit of the target (ISO 4217 digits: EUR 2, JPY 0): ties go to the even cent. */
    @ParameterizedTest
    @CsvSource({"2.345, EUR, 2.34", "2.355, EUR, 2.36", "2.665, GBP, 2.66", "1234.5, JPY, 1234", "1235.5, JPY, 1236"})
    void roundsHalfEven(BigDecimal rate, String base, BigDecimal expected) {
        CurrencyUnit target = CurrencyUnit.of(base);
        assertThat(new ExchangeRate(CurrencyUnit.USD, target, rate, DAY).toBase(Money.of(CurrencyUnit.USD, 1)))
                .isEqualTo(Money.of(target, expected));
    }

    @Test
    void refusesTheWrongCurrencyAndImpossibleRates() {
        ExchangeRate rate = new ExchangeRate(CurrencyUnit.GBP, CurrencyUnit.EUR, new BigDecimal("1.17"), DAY);
        assertThatThrownBy(() -> rate.toBase(Money.of(CurrencyUnit.USD, 1)))
                .hasMessageContaining("Enter the rate of USD");
        assertThatThrownBy(() -> new ExchangeRate(CurrencyUnit.GBP, CurrencyUnit.EUR, BigDecimal.ZERO, DAY))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new ExchangeRate(CurrencyUnit.EUR, CurrencyUnit.EUR, BigDecimal.TEN, DAY))
                .hasMessageContaining("the rate is 1");
        assertThatThrownBy(() -> Currencies.of("currency", "XAU")).hasMessageContaining("no currency");
        assertThatThrownBy(() -> Currencies.of("currency", "Taler")).hasMessageContaining("no currency");
        assertThatThrownBy(() -> Currencies.minor("amount", CurrencyUnit.EUR, 2_000_000_000_000L))
                .hasMessageContaining("too large");
    }
}
