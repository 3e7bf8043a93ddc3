package ofisino.core.vehicle.equipment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * One thing of which a vehicle has one kind or another. Common practice, no source: a year never proves anything, it sets the first guess.
 *
 * @param id     stored, never renamed
 * @param values that it can have, at least two
 * @param fits   vehicles that can have it at all
 * @param fires  anything of it but none fires: an airbag, a belt tensioner, a roll-over bar
 */
public record Item(String id, String name, Fits fits, boolean fires, List<Value> values, List<Guess> guesses) {
    static final String NONE = "none";

    /**
     * @param fits   vehicles that it is possible on
     * @param leaves by item, the values that a vehicle with this one can still have: a diesel has no points
     */
    public record Value(String id, String name, Fits fits, Map<String, Set<String>> leaves) {
        public Value {
            leaves = Map.copyOf(leaves);
        }
    }

    /** @param fits vehicles that usually have it */
    public record Guess(String value, Fits fits) {}

    public Item {
        values = List.copyOf(values);
        guesses = List.copyOf(guesses);
    }

    /** Empty where the item has no such value. */
    public Optional<Value> value(String id) {
        return values.stream().filter(v -> v.id().equals(id)).findFirst();
    }

    /** What this vehicle can have, whatever is usual. */
    public List<Value> possible(Make make) {
        return values.stream().filter(v -> v.fits().contains(make)).toList();
    }

    /** What such a vehicle usually has; empty where nobody guesses. */
    public Optional<String> guess(Make make) {
        return guesses.stream()
                .filter(g -> g.fits().contains(make))
                .map(Guess::value)
                .filter(id -> value(id).filter(v -> v.fits().contains(make)).isPresent())
                .findFirst();
    }
}
