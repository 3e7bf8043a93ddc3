package ofisino.core.parts.sourcing;

import java.util.Collection;
import java.util.List;

/**
 * What is still to be bought, as far as it is known.
 *
 * @param minor    sum of the prices that somebody thought of, in minor units
 * @param things   how many there are
 * @param unvalued how many things have none: the sum is so much too low
 */
public record ToBuy(long minor, int things, int unvalued) {
    /** Something that is needed. @param estimateMinor 0 where nobody thought of a price */
    public record Wanted(NeedState state, long estimateMinor) {}

    /** Of all that is not committed yet; the rest counts nothing. */
    public static ToBuy of(Collection<Wanted> all) {
        List<Wanted> toBuy = all.stream().filter(w -> w.state().isToOrder()).toList();
        return new ToBuy(toBuy.stream().mapToLong(Wanted::estimateMinor).sum(), toBuy.size(), (int)
                toBuy.stream().filter(w -> w.estimateMinor() == 0).count());
    }
}
