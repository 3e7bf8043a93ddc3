package ofisino.core.parts.place;

import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.InvalidValue;

/** Places in places: the bag in the box on the shelf. */
public final class PlaceTree {
    private PlaceTree() {}

    /**
     * @param within where it is put; empty: it stands by itself
     * @param outer  by place, the place that it is in
     * @throws InvalidValue where it would be in itself, or in what is in it
     */
    public static void mustNotBeInItself(UUID place, Optional<UUID> within, Map<UUID, Optional<UUID>> outer) {
        Set<UUID> seen = new HashSet<>(Set.of(place));
        for (Optional<UUID> at = within; at.isPresent(); at = outer.getOrDefault(at.get(), Optional.empty()))
            if (!seen.add(at.get()))
                throw InvalidValue.at(
                        "within",
                        "place.within",
                        "A place cannot be in itself.",
                        "Choose another place for it, or none.");
    }
}
