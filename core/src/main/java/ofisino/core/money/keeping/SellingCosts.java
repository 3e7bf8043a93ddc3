package ofisino.core.money.keeping;

import java.math.BigDecimal;
import java.math.RoundingMode;
import ofisino.core.kernel.InvalidValue;

/**
 * What the way of selling takes of the price: an advertisement, an auction's share, transport to the buyer.
 *
 * @param shareBasisPoints of the price, in hundredths of a percent, below 100 %
 * @param fixedMinor       whatever the price, minor units
 */
public record SellingCosts(int shareBasisPoints, long fixedMinor) {
    private static final int WHOLE = 10_000;
    /** Sold to somebody at the door. */
    public static final SellingCosts NONE = new SellingCosts(0, 0);

    public SellingCosts {
        if (shareBasisPoints < 0 || shareBasisPoints >= WHOLE)
            throw InvalidValue.at(
                    "sellingShare", "selling.share", "That share would leave nothing.", "Enter 0 to under 100 %%.");
        if (fixedMinor < 0)
            throw InvalidValue.at(
                    "sellingMinor", "selling.negative", "Selling cannot cost less than nothing.", "Enter 0 for none.");
    }

    /** What is left of a price; below 0 where selling costs more than it brings. Rounded once, half to even. */
    public long leftOf(long priceMinor) {
        return priceMinor - fixedMinor - share(priceMinor).longValueExact();
    }

    /** The lowest price of which so much is left. */
    public long priceFor(long leftMinor) {
        long price = BigDecimal.valueOf(leftMinor + fixedMinor)
                .multiply(BigDecimal.valueOf(WHOLE))
                .divide(BigDecimal.valueOf(WHOLE - (long) shareBasisPoints), 0, RoundingMode.FLOOR)
                .longValueExact();
        // where the share is large, several prices leave the same
        price = Math.max(0, price - WHOLE / (WHOLE - shareBasisPoints) - 1);
        while (leftOf(price) < leftMinor) price++;
        return price;
    }

    private BigDecimal share(long priceMinor) {
        return BigDecimal.valueOf(priceMinor)
                .multiply(BigDecimal.valueOf(shareBasisPoints))
                .divide(BigDecimal.valueOf(WHOLE), 0, RoundingMode.HALF_EVEN);
    }
}
