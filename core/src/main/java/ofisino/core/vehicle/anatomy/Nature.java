package ofisino.core.vehicle.anatomy;

import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.finding.FindingKind;

/**
 * What kind of thing a component is: a seal, a wear part, a casting. It decides what can be wrong with it.
 *
 * @param kinds never empty
 * @param wears off another vehicle it is presumed worn while nobody has looked
 */
public record Nature(String id, Set<FindingKind> kinds, boolean wears) {
    public Nature {
        kinds = Set.copyOf(kinds);
        if (kinds.isEmpty())
            throw InvalidValue.of(
                    "nature.kinds", "Nothing can be wrong with a %s.", "Name at least one kind of finding.", id);
    }
}
