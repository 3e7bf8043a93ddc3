package ofisino.server.db;

import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import ofisino.core.kernel.Conflict;
import ofisino.core.kernel.NotFound;

/** The two answers that every update and every look-up share. */
public final class Stored {
    private Stored() {}

    /** @throws NotFound when the row is not in this garage */
    public static <T> T require(Optional<T> row, String thing, Object id) {
        return row.orElseThrow(() -> new NotFound(thing, id));
    }

    /**
     * Refuses a change made on an old version, handing over what is stored now, so that the author can merge.
     *
     * @param updatedRows rows that the optimistic update touched
     * @param now         reads the present row
     */
    public static void notStale(int updatedRows, String thing, Supplier<?> now) {
        if (updatedRows == 1) return;
        throw Conflict.about(
                Map.of("stored", now.get()),
                thing.replace(' ', '-') + ".stale",
                "Someone else changed this %s meanwhile.",
                "Your words are kept here; compare them with what is stored and save again.",
                thing);
    }
}
