package ofisino.core.vehicle.equipment;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/** What was worked out for vehicles of which the same is said and known. Vehicles change what they have: what nobody asks for is not kept for ever. */
public final class PerVehicle<T> {
    private static final int MOST_KEPT = 200;

    private record Key(Object about, String vehicle) {}

    /** A drawing is big: it is known by itself, not by what is in it. */
    public record Itself(Object thing) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Itself its && its.thing == thing;
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(thing);
        }
    }

    private final Map<Key, T> known = new ConcurrentHashMap<>();

    /** @param about what else it was worked out from */
    public T of(Object about, Equipment vehicle, Supplier<T> work) {
        if (known.size() > MOST_KEPT) known.clear();
        return known.computeIfAbsent(new Key(about, vehicle.key()), key -> work.get());
    }
}
