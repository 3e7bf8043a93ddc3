package ofisino.core.vehicle.reading;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * By how much something is to be set, filed, honed or shimmed so that it lies within: up where it is too small, down where it is too large.
 *
 * @param least in the limit's unit; above 0 for more, below 0 for less
 * @param most  beyond this it would miss the other bound; empty where there is none
 */
public record Rework(double least, OptionalDouble most) {
    static Optional<Rework> of(double value, OptionalDouble min, OptionalDouble max) {
        if (min.isPresent() && value < min.getAsDouble())
            return Optional.of(new Rework(min.getAsDouble() - value, less(max, value)));
        if (max.isPresent() && value > max.getAsDouble())
            return Optional.of(new Rework(max.getAsDouble() - value, less(min, value)));
        return Optional.empty();
    }

    private static OptionalDouble less(OptionalDouble bound, double value) {
        return bound.isPresent() ? OptionalDouble.of(bound.getAsDouble() - value) : bound;
    }
}
