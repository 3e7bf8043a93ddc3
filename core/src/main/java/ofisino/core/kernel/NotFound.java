package ofisino.core.kernel;

import java.util.Map;

/** The thing asked for is not there, or not in this garage: the two are told apart to nobody. */
public final class NotFound extends AppException {
    /** @param thing in the words of the trade: "finding", "job" */
    public NotFound(String thing, Object id) {
        super(
                thing.replace(' ', '-') + ".unknown",
                Map.of("id", id.toString()),
                sentences(
                        "There is no such " + thing + " in this garage.",
                        "Perhaps it was removed; go back and reload."));
    }
}
