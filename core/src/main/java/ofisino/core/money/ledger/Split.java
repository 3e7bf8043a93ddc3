package ofisino.core.money.ledger;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.core.kernel.Apportion;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;

/**
 * Part of an entry that goes to one destination.
 *
 * @param job       present exactly where the destination is a job
 * @param baseMinor minor units of the base currency, of the entry's sign
 */
public record Split(Destination destination, Optional<UUID> job, long baseMinor) {
    /** What a job takes of a thing that was bought for several. @param job empty where it is for the vehicle itself @param amount in the unit of the thing, above 0 */
    public record Taking(Optional<UUID> job, int amount) {}

    /** What each takes bears its share of the price, to the minor unit. @param takings at least one */
    public static List<Split> byAmount(long baseMinor, List<Taking> takings) {
        long[] shares = Apportion.byLargestRemainder(
                baseMinor, takings.stream().mapToLong(Taking::amount).toArray());
        return IntStream.range(0, shares.length)
                .mapToObj(i -> new Split(
                        takings.get(i).job().isPresent() ? Destination.JOB : Destination.VEHICLE,
                        takings.get(i).job(),
                        shares[i]))
                .toList();
    }

    /** What went to each job; minor units of the base currency. */
    public static Map<UUID, Long> byJob(Stream<Split> splits) {
        Map<UUID, Long> byJob = new HashMap<>();
        splits.forEach(s -> s.job().ifPresent(job -> byJob.merge(job, s.baseMinor(), Math::addExact)));
        return byJob;
    }

    public Split {
        if (baseMinor > Currencies.LARGEST_MINOR || baseMinor < -Currencies.LARGEST_MINOR)
            throw InvalidValue.at("splits", "split.range", "A share is too large.", "Check the decimal point.");
        if ((destination == Destination.JOB) != job.isPresent())
            throw InvalidValue.at(
                    "splits",
                    "split.job",
                    "A share that goes to a job must name it, and no other share may.",
                    "Choose the job.");
    }
}
