package ofisino.server.identity;

import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.kernel.SpeakableCode;
import org.joda.money.CurrencyUnit;

/** The door to what all domains need to know of a garage. */
public interface Garages {
    CurrencyUnit baseCurrency(Caller caller);

    ZoneId zone(Caller caller);

    /** What a workshop charges for an hour where the garage is, in minor units of the base currency; empty while nobody said it. */
    Optional<Long> workshopHourMinor(Caller caller);

    /** What all cars together may cost a month, in minor units of the base currency; empty where each has a purse of its own. */
    Optional<Long> commonMonthlyMinor(Caller caller);

    /** Gives out the next label of the garage; given once, whatever becomes of the thing. */
    SpeakableCode nextLabel(Caller caller);

    /** The name that the garage's people call this member. */
    String nameOf(Caller caller, UUID accountId);
}
