package ofisino.core.vehicle.sleep;

import java.time.LocalDate;
import java.util.Optional;
import ofisino.core.kernel.InvalidValue;

/**
 * Something that tells when a vehicle last ran.
 *
 * @param usedOn the day it speaks for; empty for what only tells that nobody touched it since
 */
public record Evidence(Kind kind, Optional<LocalDate> usedOn) {
    /** What tells how long a vehicle stood. */
    public enum Kind {
        /** Somebody says so. */
        STATEMENT(false),
        /** An invoice, an inspection, a disc, a newspaper. */
        DATED_PAPER(true),
        /** A tyre, a battery, a plate on a part. */
        DATED_PART(true),
        /** State of the plugs, the fuel, the fluids. */
        STATE_OF_PARTS(false),
        /** Dust and cobwebs that nobody disturbed: then nobody tampered either. */
        UNDISTURBED(false);

        private final boolean written;

        Kind(boolean written) {
            this.written = written;
        }
    }

    public Evidence {
        if ((kind == Kind.UNDISTURBED) == usedOn.isPresent())
            throw InvalidValue.at(
                    "usedOn",
                    "sleep.date",
                    "Say when it was used by this evidence.",
                    "Only undisturbed dirt has no date: it tells that nobody was there.");
    }

    /** Written evidence outweighs what is said or guessed. */
    boolean isWritten() {
        return kind.written;
    }
}
