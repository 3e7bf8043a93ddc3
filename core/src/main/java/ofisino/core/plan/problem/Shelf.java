package ofisino.core.plan.problem;

import java.util.Map;
import ofisino.core.kernel.InvalidValue;

/**
 * Room on floor and shelves for what is taken off, in hundredths of a square metre.
 *
 * @param room  of it there is; 0 up to a thousand square metres
 * @param takes by access: what is taken off fills so much of it from opening to closing; what is not named takes none
 */
public record Shelf(int room, Map<String, Integer> takes) {
    private static final int MOST = 100_000;

    public Shelf {
        takes = Map.copyOf(takes);
        if (room < 0 || room > MOST)
            throw InvalidValue.at(
                    "shelf",
                    "premises.shelf",
                    "Room for what comes off is 0 to 1,000 m².",
                    "Correct it, or leave it empty.");
        if (takes.values().stream().anyMatch(t -> t < 0))
            throw InvalidValue.of("plan.shelf", "What comes off cannot fill less than nothing.", "Enter 0 or more.");
    }

    /** What an access fills while it is open. */
    public int takenBy(String access) {
        return takes.getOrDefault(access, 0);
    }
}
