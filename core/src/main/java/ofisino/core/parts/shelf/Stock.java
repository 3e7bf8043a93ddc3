package ofisino.core.parts.shelf;

import java.util.Optional;
import java.util.OptionalInt;
import ofisino.core.kernel.Apportion;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.parts.shelf.StockMove.MoveKind;

/**
 * How much there is of one thing on the shelf.
 *
 * @param pieces   in its unit, 0 to 99999
 * @param lowMark  at or below which it is to be bought again; empty where it need not be
 * @param costMinor what was paid for what is left
 * @param worthMinor what somebody else would pay for what is left
 */
public record Stock(int pieces, OptionalInt lowMark, long costMinor, long worthMinor) {
    private static final int MOST = 99_999;

    public Stock {
        if (pieces < 0 || pieces > MOST)
            throw InvalidValue.at(
                    "quantity", "stock.range", "%d cannot lie on a shelf.", "Enter 0 to %d.", pieces, MOST);
        if (lowMark.isPresent() && (lowMark.getAsInt() < 0 || lowMark.getAsInt() > MOST))
            throw InvalidValue.at(
                    "lowMark", "stock.low-mark", "That mark cannot be reached.", "Enter 0 to %d, or nothing.", MOST);
        if (costMinor < 0 || worthMinor < 0)
            throw InvalidValue.at(
                    "worthMinor",
                    "stock.worth",
                    "It cannot be worth less than nothing.",
                    "Enter 0 while you do not know.");
    }

    /**
     * What is more in a pack than was needed bears its share of the price, to the smallest unit.
     *
     * @param pieces that were needed, at least 1
     * @param spare  that lay in the pack besides, 0 to 99999
     */
    public static long leftOverMinor(long priceMinor, int pieces, int spare) {
        new Stock(spare, OptionalInt.empty(), 0, 0);
        return spare == 0 ? 0 : Apportion.byLargestRemainder(priceMinor, pieces, spare)[1];
    }

    /** To be bought again. */
    public boolean isLow() {
        return lowMark.isPresent() && pieces <= lowMark.getAsInt();
    }

    /** What is left, with its share of cost and worth. @throws Conflict where there is not so much */
    public Stock after(StockMove move) {
        int left = pieces + move.pieces();
        if (left < 0)
            throw Conflict.of(
                    "stock.too-few",
                    "Only %d are there.",
                    "Take no more than that; if there are more, count them first.",
                    pieces);
        // what comes in is said with its cost; what a count finds costs nothing more
        boolean goes = move.pieces() < 0;
        return new Stock(
                left, lowMark, goes ? share(costMinor, left) : costMinor, goes ? share(worthMinor, left) : worthMinor);
    }

    private long share(long minor, int left) {
        return left == 0 ? 0 : Apportion.byLargestRemainder(minor, left, pieces - left)[0];
    }

    /** What a count changes; empty where it found what was thought. @param found 0 or more */
    public Optional<StockMove> counted(int found) {
        return found == pieces ? Optional.empty() : Optional.of(new StockMove(MoveKind.COUNTED, found - pieces));
    }
}
