package ofisino.server.vehicle.reading;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import ofisino.core.vehicle.reading.ChainStretch;
import ofisino.core.vehicle.reading.Unit;
import org.jspecify.annotations.Nullable;

/**
 * One reading as it was taken.
 *
 * @param made the date code or date on a part whose age counts
 * @param chain a length from which the value follows
 * @param sure the person read an odd value twice
 */
record TakenReading(
        UUID id,
        @Nullable String spot,
        @Nullable Double value,
        Unit unit,
        @Nullable String made,
        @Nullable UUID instrumentId,
        LocalDate readOn,
        @Nullable String note,
        @Nullable String measurer,
        boolean sure,
        Optional<ChainStretch> chain) {
    /** With the value that follows from the length of a chain. */
    TakenReading ofChain() {
        return chain.map(c -> new TakenReading(
                        id,
                        spot,
                        c.percent(),
                        Unit.PERCENT,
                        made,
                        null,
                        readOn,
                        note == null || note.isBlank() ? c.words() : c.words() + "; " + note,
                        measurer,
                        sure,
                        Optional.empty()))
                .orElse(this);
    }
}
