package ofisino.core.vehicle.anatomy;

import java.util.Set;
import ofisino.core.kernel.InvalidValue;
import ofisino.core.vehicle.finding.FindingKind;

/**
 * What kind of thing a component is: a seal, a wear part, a casting. It decides what can be wrong with it.
 *
 * @param kinds never empty
 */
public record Nature(String id, Set<FindingKind> kinds) {
    public Nature {
        kinds = Set.copyOf(kinds);
        if (kinds.isEmpty())
            throw InvalidValue.of(
                    "nature.kinds", "Nothing can be wrong with a %s.", "Name at least one kind of finding.", id);
    }
}
