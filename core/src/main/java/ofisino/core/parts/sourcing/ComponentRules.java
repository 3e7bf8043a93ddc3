package ofisino.core.parts.sourcing;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.Entry;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.vehicle.anatomy.Component;

/** Which components something is said of, by system and nature. */
public record ComponentRules(List<Rule> rules) {
    public ComponentRules {
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

    /** One of the rules is about it. */
    public boolean concerns(Component component) {
        return rules.stream().anyMatch(r -> r.concerns(component));
    }

    /**
     * Reads such a file: of each entry the systems and the natures.
     *
     * @param owner   the class beside which the file stands
     * @param natures ids of all that there are
     * @throws InvalidValue naming the entry that is wrong
     */
    public static ComponentRules beside(Class<?> owner, String file, Collection<String> natures) {
        Map<String, String> known = natures.stream().collect(Collectors.toMap(n -> n, n -> n));
        return Entry.readBeside(
                owner,
                file,
                yaml -> new ComponentRules(Entry.listOf(file, yaml).stream()
                        .map(e -> e.only("systems", "natures"))
                        .map(e -> new Rule(
                                e.choices("systems", VehicleSystem.class, Set.of()),
                                Set.copyOf(e.among("natures", known))))
                        .toList()));
    }
}
