package ofisino.server.plan.job;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ofisino.core.plan.recipe.Recipe;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.body.Zone;

/**
 * What is done to both sides of one axle.
 *
 * @param place on either side
 * @param parts of the vehicle that are renewed; consumables left out
 */
record Axle(String recipe, String place, Set<String> parts) {
    static Axle of(Recipe recipe, String zone, Anatomy anatomy) {
        return new Axle(
                recipe.id(),
                Zone.placeOf(zone),
                recipe.steps().stream()
                        .flatMap(s -> s.needs().stream())
                        .flatMap(n -> n.item().stream())
                        .filter(item -> anatomy.find(item).isPresent())
                        .collect(Collectors.toSet()));
    }

    /** Whether what the other asks for is done with it: the other side's like, or new pads where new discs bring them. */
    boolean does(Axle other) {
        return place.equals(other.place)
                && (recipe.equals(other.recipe) && parts.equals(other.parts)
                        || !other.parts.isEmpty() && parts.containsAll(other.parts));
    }

    /** Of those that do what it asks for, its like first. */
    Optional<Axle> among(Set<Axle> there) {
        return Stream.concat(there.stream().filter(this::equals), there.stream().filter(a -> a.does(this)))
                .findFirst();
    }
}
