package ofisino.core.kernel.list;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.Optional;
import java.util.OptionalLong;
import ofisino.core.kernel.Currencies;

/** What stands before the cents. */
public enum Decimals {
    POINT('.', ','),
    COMMA(',', '.');

    /** Longer than any price with its currency. */
    private static final int LONGEST = 40;

    /** The sign itself, which some write for the hyphen. */
    private static final char MINUS = '\u2212';

    private final char decimal;
    private final char thousands;

    Decimals(char decimal, char thousands) {
        this.decimal = decimal;
        this.thousands = thousands;
    }

    /** What prices seem to be written with; a point where they do not say. */
    public static Decimals guessed(Collection<String> prices) {
        long comma = prices.stream().filter(p -> looksLike(p, ',')).count();
        long point = prices.stream().filter(p -> looksLike(p, '.')).count();
        return comma > point ? COMMA : POINT;
    }

    /** It stands last, and not before three figures as in thousands. */
    private static boolean looksLike(String price, char sign) {
        if (price.length() > LONGEST) return false;
        String bare = bare(price);
        int at = bare.lastIndexOf(sign);
        char other = sign == ',' ? '.' : ',';
        return at >= 0 && (bare.length() - at - 1 != 3 || bare.indexOf(other) >= 0) && bare.indexOf(other, at) < 0;
    }

    private static String bare(String price) {
        return price.replace(MINUS, '-').replaceAll("[^0-9.,-]", "");
    }

    /**
     * An amount in minor units; empty where it is none or has more decimals than the currency.
     *
     * @param decimals of the currency: 2 for cents
     */
    public OptionalLong minor(String amount, int decimals) {
        Optional<BigDecimal> read = read(amount).map(BigDecimal::stripTrailingZeros);
        if (read.isEmpty() || read.get().scale() > decimals) return OptionalLong.empty();
        BigDecimal minor = read.get().movePointRight(decimals);
        return minor.abs().compareTo(BigDecimal.valueOf(Currencies.LARGEST_MINOR)) > 0
                ? OptionalLong.empty()
                : OptionalLong.of(minor.longValueExact());
    }

    /** Empty where it is no number: signs of currencies, blanks and apostrophes do not matter; a minus may stand behind it. */
    private Optional<BigDecimal> read(String price) {
        if (price.length() > LONGEST) return Optional.empty();
        String bare = bare(price);
        if (bare.length() > 1 && bare.endsWith("-")) bare = "-" + bare.substring(0, bare.length() - 1);
        if (bare.isEmpty() || bare.indexOf(decimal) != bare.lastIndexOf(decimal)) return Optional.empty();
        int at = bare.indexOf(decimal);
        if (at >= 0 && bare.indexOf(thousands, at) >= 0) return Optional.empty();
        String plain = bare.replace(String.valueOf(thousands), "").replace(decimal, '.');
        try {
            return Optional.of(new BigDecimal(plain));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}
