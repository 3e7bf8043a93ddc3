package ofisino.core.plan.sentout;

import java.util.List;
import ofisino.core.kernel.InvalidValue;

/**
 * Several errands on one way, against each by itself.
 *
 * @param fromHomeKm from home to each stop, in the order of the trip
 * @param betweenKm  from each stop to the next: one fewer
 */
public record Trip(List<Integer> fromHomeKm, List<Integer> betweenKm) {
    public Trip {
        fromHomeKm = List.copyOf(fromHomeKm);
        betweenKm = List.copyOf(betweenKm);
        if (fromHomeKm.isEmpty() || betweenKm.size() != fromHomeKm.size() - 1)
            throw InvalidValue.of(
                    "trip.stops",
                    "A distance of the trip is missing.",
                    "Enter those from home to each stop and from each stop to the next.");
        if (fromHomeKm.stream().anyMatch(k -> k < 0) || betweenKm.stream().anyMatch(k -> k < 0))
            throw InvalidValue.of("trip.negative", "A way cannot be shorter than 0 km.", "Enter its kilometres.");
    }

    /** There and back, all errands on one way. */
    public int togetherKm() {
        return fromHomeKm.get(0)
                + betweenKm.stream().mapToInt(Integer::intValue).sum()
                + fromHomeKm.get(fromHomeKm.size() - 1);
    }

    /** There and back for each by itself. */
    public int apartKm() {
        return 2 * fromHomeKm.stream().mapToInt(Integer::intValue).sum();
    }
}
