package ofisino.core.parts.sourcing;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalLong;
import ofisino.core.kernel.InvalidValue;

/**
 * A part that cannot be had, and is looked for.
 *
 * @param mostMinor the highest price, in the garage's currency; empty where nobody said
 * @param lookedOn  when somebody looked last
 * @param wayOut    what is done about it
 */
public record PartSearch(Missing why, OptionalLong mostMinor, LocalDate lookedOn, WayOut wayOut) {
    /** Common practice, no source: sales come and go within a month. */
    public static final int LOOK_AGAIN_DAYS = 28;

    /** Why it cannot be had. */
    public enum Missing {
        /** Nobody makes it any more. */
        DISCONTINUED,
        /** Something else is sold in its place. */
        SUPERSEDED,
        /** It is hardly ever for sale. */
        RARE
    }

    public PartSearch {
        if (mostMinor.isPresent() && mostMinor.getAsLong() < 0)
            throw InvalidValue.at(
                    "mostMinor",
                    "search.most",
                    "A price cannot be below nothing.",
                    "Enter the highest that you would pay, or nothing.");
    }

    /** The day to look again; empty where something else was decided. */
    public Optional<LocalDate> lookAgainOn() {
        return wayOut == WayOut.LOOK_ON || wayOut == WayOut.USED
                ? Optional.of(lookedOn.plusDays(LOOK_AGAIN_DAYS))
                : Optional.empty();
    }
}
