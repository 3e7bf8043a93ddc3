package ofisino.core.parts.donor;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import ofisino.core.kernel.Apportion;
import ofisino.core.kernel.InvalidValue;

/**
 * What a donor cost and what came back, and what each useful piece of it has cost. In the garage's currency.
 *
 * @param costMinor   paid for it, with what it took to fetch it
 * @param soldMinor   that came back for pieces
 * @param hopedMinor  asked for what is still for sale: shown, and in no sum
 * @param sharesMinor by useful piece, its share of the cost by value, to the smallest unit; of equal shares where nothing has a value
 */
public record DonorLedger(long costMinor, long soldMinor, long hopedMinor, Map<UUID, Long> sharesMinor) {
    public DonorLedger {
        sharesMinor = Map.copyOf(sharesMinor);
    }

    /**
     * @param valueMinor what it would cost elsewhere, 0 or more
     * @param soldMinor  what came back for it; 0 while nothing has
     * @param hopedMinor asked for what of it is left
     */
    public record Piece(UUID id, Verdict verdict, long valueMinor, long soldMinor, long hopedMinor) {
        public Piece {
            if (valueMinor < 0 || soldMinor < 0 || hopedMinor < 0)
                throw InvalidValue.at(
                        "valueMinor", "donor.value", "It cannot be worth less than nothing.", "Enter 0 or more.");
        }
    }

    /** @param costMinor 0 or more */
    public static DonorLedger of(long costMinor, List<Piece> pieces) {
        if (costMinor < 0)
            throw InvalidValue.at(
                    "costMinor", "donor.cost", "It cannot have cost less than nothing.", "Enter 0 or more.");
        List<Piece> useful = pieces.stream().filter(p -> p.verdict().isUseful()).toList();
        Map<UUID, Long> shares = new LinkedHashMap<>();
        if (!useful.isEmpty()) {
            long[] values = useful.stream().mapToLong(Piece::valueMinor).toArray();
            boolean isUnvalued = useful.stream().allMatch(p -> p.valueMinor() == 0);
            long[] weights = isUnvalued ? useful.stream().mapToLong(p -> 1).toArray() : values;
            long[] parts = Apportion.byLargestRemainder(costMinor, weights);
            for (int i = 0; i < parts.length; i++) shares.put(useful.get(i).id(), parts[i]);
        }
        return new DonorLedger(
                costMinor,
                pieces.stream().mapToLong(Piece::soldMinor).reduce(0, Math::addExact),
                pieces.stream().mapToLong(Piece::hopedMinor).reduce(0, Math::addExact),
                shares);
    }

    /** What it has cost in cash by now; below 0 where more came back than was paid. */
    public long netMinor() {
        return Math.subtractExact(costMinor, soldMinor);
    }

    /** What of the cost no useful piece bears, because none is. */
    public long unsharedMinor() {
        return sharesMinor.isEmpty() ? costMinor : 0;
    }
}
