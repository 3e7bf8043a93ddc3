package ofisino.core.money.ledger;

import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.Currencies;
import ofisino.core.kernel.InvalidValue;

/**
 * Part of an entry that goes to one destination.
 *
 * @param job       present exactly where the destination is a job
 * @param baseMinor minor units of the base currency, of the entry's sign
 */
public record Split(Destination destination, Optional<UUID> job, long baseMinor) {
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
