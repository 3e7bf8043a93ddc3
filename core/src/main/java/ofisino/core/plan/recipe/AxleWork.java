package ofisino.core.plan.recipe;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.body.Zone;

/**
 * What is done to both sides of one axle. Whatever asks for the like of it, or for some of the parts that it renews, is done with it: new discs
 * bring new pads. Common practice, no source.
 *
 * @param place on either side
 * @param parts of the vehicle that are renewed; consumables left out
 */
public record AxleWork(String recipe, String place, Set<String> parts) {
    public AxleWork {
        parts = Set.copyOf(parts);
    }

    /** Of a recipe for a finding in that zone; empty where it is not done to a whole axle. */
    public static Optional<AxleWork> of(Recipe recipe, String zone, Anatomy anatomy) {
        return Optional.of(recipe)
                .filter(Recipe::wholeAxle)
                .map(r -> new AxleWork(
                        r.id(),
                        Zone.placeOf(zone),
                        r.steps().stream()
                                .flatMap(s -> s.needs().stream())
                                .flatMap(n -> n.item().stream())
                                .filter(item -> anatomy.find(item).isPresent())
                                .collect(Collectors.toSet())));
    }

    /** Whether what the other asks for is done with it. */
    public boolean does(AxleWork other) {
        return equals(other) || place.equals(other.place) && !other.parts.isEmpty() && parts.containsAll(other.parts);
    }

    /** Of those that do it, its like first, then what does least besides. */
    public Optional<AxleWork> doneWith(Collection<AxleWork> there) {
        return there.stream()
                .filter(a -> a.does(this))
                .min(Comparator.comparing((AxleWork a) -> !a.equals(this))
                        .thenComparing(a -> a.parts.size())
                        .thenComparing(AxleWork::recipe));
    }

    /** Those that are done with another of them or with what is planned; of two that are alike the first is done by itself. */
    public static <K> Set<K> joining(Map<K, AxleWork> asked, Collection<AxleWork> planned) {
        List<Map.Entry<K, AxleWork>> mostFirst = new ArrayList<>(asked.entrySet());
        mostFirst.sort(Comparator.comparing(e -> -e.getValue().parts.size()));
        Set<AxleWork> done = new HashSet<>(planned);
        Set<K> joining = new HashSet<>();
        for (var one : mostFirst)
            if (one.getValue().doneWith(done).isPresent()) joining.add(one.getKey());
            else done.add(one.getValue());
        return joining;
    }
}
