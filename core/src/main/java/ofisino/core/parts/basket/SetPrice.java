package ofisino.core.parts.basket;

import java.util.Arrays;
import ofisino.core.kernel.Apportion;

/** One price for several parts. Each bears its share, so that what goes back of them is worth something. */
public final class SetPrice {
    private SetPrice() {}

    /**
     * By what the parts are expected to cost, where that is known of each; else alike.
     *
     * @param priceMinor     of all together, 0 or more
     * @param estimatesMinor of each part, 0 where nobody knows; at least one
     * @return in their order, summing to the price
     */
    public static long[] on(long priceMinor, long... estimatesMinor) {
        boolean isKnown = Arrays.stream(estimatesMinor).allMatch(e -> e > 0);
        long[] alike = new long[estimatesMinor.length];
        Arrays.fill(alike, 1);
        return Apportion.byLargestRemainder(priceMinor, isKnown ? estimatesMinor : alike);
    }
}
