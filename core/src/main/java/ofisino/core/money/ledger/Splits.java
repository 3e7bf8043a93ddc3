package ofisino.core.money.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Apportion;
import ofisino.core.kernel.InvalidValue;

/** The shares of one entry: they sum to it to the cent. */
public record Splits(long totalBaseMinor, List<Split> parts) {
    public Splits {
        parts = List.copyOf(parts);
        if (parts.isEmpty())
            throw InvalidValue.at("splits", "split.none", "The amount goes nowhere yet.", "Add at least one share.");
        long sum = parts.stream().mapToLong(Split::baseMinor).reduce(0, Math::addExact);
        if (sum != totalBaseMinor)
            throw InvalidValue.at(
                    "splits",
                    "split.sum",
                    "The shares come to %s than the entry.",
                    "Change a share or press “Put the rest on the last”.",
                    sum > totalBaseMinor ? "more" : "less");
    }

    /** One thing ordered: what it cost by itself at the rate on ordering. */
    public record OrderedLine(Optional<UUID> job, long baseMinorAtOrderRate) {}

    /**
     * Proposes the shares of an invoice for an order: each line to its job, post and other costs spread over the lines by value
     * (largest remainder), and what the rate did in between as a share of its own.
     *
     * @param lines      what was ordered; at least one with a value
     * @param orderTotal lines and post at the rate on ordering, base minor units
     * @param paidTotal  what was paid, base minor units
     */
    public static Splits forOrder(List<OrderedLine> lines, long orderTotal, long paidTotal) {
        long[] weights =
                lines.stream().mapToLong(OrderedLine::baseMinorAtOrderRate).toArray();
        long[] shares = Apportion.byLargestRemainder(orderTotal, weights);
        List<Split> parts = new ArrayList<>();
        for (int i = 0; i < shares.length; i++) {
            Optional<UUID> job = lines.get(i).job();
            parts.add(new Split(job.isPresent() ? Destination.JOB : Destination.UNASSIGNED, job, shares[i]));
        }
        if (paidTotal != orderTotal)
            parts.add(new Split(Destination.RATE_DIFFERENCE, Optional.empty(), paidTotal - orderTotal));
        return new Splits(paidTotal, parts);
    }

    /** Spreads a total over the same destinations by their present shares. */
    public Splits scaledTo(long total) {
        long[] shares = Apportion.byLargestRemainder(
                total, parts.stream().mapToLong(p -> Math.abs(p.baseMinor())).toArray());
        List<Split> scaled = new ArrayList<>();
        for (int i = 0; i < shares.length; i++)
            scaled.add(new Split(parts.get(i).destination(), parts.get(i).job(), shares[i]));
        return new Splits(total, scaled);
    }

    /** The same with every sign turned: the shares of a reversal. */
    public Splits reversed() {
        return new Splits(
                -totalBaseMinor,
                parts.stream()
                        .map(p -> new Split(p.destination(), p.job(), -p.baseMinor()))
                        .toList());
    }
}
