package ofisino.core.parts.order;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.anatomy.Component;

/** What is tried on the vehicle while it may still go back, from {@code tried-on.yaml} beside this class. */
public record TriedOn(List<Rule> rules) {
    public TriedOn {
        rules = List.copyOf(rules);
    }

    /** @param systems any where empty @param natures ids, any where empty */
    public record Rule(Set<VehicleSystem> systems, Set<String> natures) {
        public Rule {
            systems = Set.copyOf(systems);
            natures = Set.copyOf(natures);
        }

        boolean concerns(Component component) {
            return (systems.isEmpty() || systems.contains(component.system()))
                    && (natures.isEmpty() || natures.contains(component.nature().id()));
        }
    }

    /** Only on the vehicle it shows whether such a thing fits. */
    public boolean concerns(Component component) {
        return rules.stream().anyMatch(r -> r.concerns(component));
    }

    /** Reads tried-on.yaml. @param natures ids of all that there are @throws InvalidValue naming the entry that is wrong */
    public static TriedOn load(Collection<String> natures) {
        Map<String, String> known = natures.stream().collect(Collectors.toMap(n -> n, n -> n));
        return Entry.readBeside(
                TriedOn.class,
                "tried-on.yaml",
                yaml -> new TriedOn(Entry.listOf("what is tried on", yaml).stream()
                        .map(e -> e.only("systems", "natures"))
                        .map(e -> new Rule(
                                e.choices("systems", VehicleSystem.class, Set.of()),
                                Set.copyOf(e.among("natures", known))))
                        .toList()));
    }
}
