package ofisino.core.parts.basket;

import java.util.OptionalLong;

/**
 * Who sells, and what one parcel from him costs.
 *
 * @param postMinor    of a parcel, in the garage's own currency
 * @param postFreeFrom goods from which the post is free, in the same; empty where it never is
 */
public record Seller(String id, long postMinor, OptionalLong postFreeFrom, Levies levies) {
    public Seller {
        if (postMinor < 0 || postFreeFrom.isPresent() && postFreeFrom.getAsLong() < 0)
            throw new IllegalArgumentException("Post of " + id + " below nothing");
    }

    /** At home, for nothing. */
    public static Seller free(String id) {
        return new Seller(id, 0, OptionalLong.empty(), Levies.NONE);
    }

    /** What a parcel of his costs, landed. @param riskMinor what is to be feared of what is in it */
    public Basket.Parcel parcel(long goodsMinor, long riskMinor) {
        long post = postOf(goodsMinor);
        long duty = levies.duty(goodsMinor + post);
        return new Basket.Parcel(id, goodsMinor, post, duty, levies.both(goodsMinor + post) - duty, riskMinor);
    }

    long postOf(long goodsMinor) {
        return postFreeFrom.isPresent() && goodsMinor >= postFreeFrom.getAsLong() ? 0 : postMinor;
    }
}
