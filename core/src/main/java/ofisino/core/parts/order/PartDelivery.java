package ofisino.core.parts.order;

import ofisino.core.kernel.Apportion;
import ofisino.core.kernel.InvalidValue;

/**
 * Of what was ordered together a part has come.
 *
 * @param came      pieces, at least 1
 * @param rest      pieces that are still to come, at least 1
 * @param cameMinor their share of the price, to the smallest unit
 * @param restMinor the share of the rest; both together are the price
 */
public record PartDelivery(int came, int rest, long cameMinor, long restMinor) {
    /** @throws InvalidValue where none or all have come */
    public static PartDelivery of(int ordered, int came, long amountMinor) {
        if (came < 1 || came >= ordered)
            throw InvalidValue.at(
                    "pieces",
                    "delivery.pieces",
                    "%d of %d is no part of them.",
                    "Enter how many came, 1 to %d; leave it empty where all did.",
                    came,
                    ordered,
                    ordered - 1);
        long[] shares = Apportion.byLargestRemainder(amountMinor, came, ordered - came);
        return new PartDelivery(came, ordered - came, shares[0], shares[1]);
    }
}
