package ofisino.core.parts.order;

import java.util.Arrays;
import ofisino.core.kernel.Apportion;

/** What the things of one parcel cost with the post on them. */
public final class PostShare {
    private PostShare() {}

    /**
     * The prices with their shares of the post, by price, to the smallest unit; where nothing costs anything, in equal shares.
     *
     * @param postMinor   of the parcel
     * @param pricesMinor at least one, none negative
     */
    public static long[] landed(long postMinor, long... pricesMinor) {
        boolean isFree = Arrays.stream(pricesMinor).allMatch(p -> p == 0);
        long[] weights = isFree ? Arrays.stream(pricesMinor).map(p -> 1).toArray() : pricesMinor;
        long[] shares = Apportion.byLargestRemainder(postMinor, weights);
        long[] landed = pricesMinor.clone();
        for (int i = 0; i < landed.length; i++) landed[i] = Math.addExact(landed[i], shares[i]);
        return landed;
    }
}
