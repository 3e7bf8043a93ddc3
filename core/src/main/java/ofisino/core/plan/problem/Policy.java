package ofisino.core.plan.problem;

import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import ofisino.core.kernel.Aim;
import ofisino.core.kernel.InvalidValue;

/**
 * What matters first in a project.
 *
 * @param aims     the order in which their finishes matter
 * @param first    work of which the end matters before all aims: a phase that goes first, for instance all of the body
 * @param mostOpen pieces of work that may be begun and unfinished at once, at least 1: each day on which there are more counts before the milestones;
 *                 empty for any number
 */
public record Policy(List<Aim> aims, List<Set<ActivityId>> first, OptionalInt mostOpen) {
    public Policy {
        aims = List.copyOf(aims);
        first = first.stream().map(Set::copyOf).toList();
        if (mostOpen.isPresent() && mostOpen.getAsInt() < 1)
            throw InvalidValue.of(
                    "plan.most-open", "No work can be done where none may be begun.", "Allow one at once, or more.");
    }

    /** The aims in that order, and nothing else. */
    public static Policy of(List<Aim> aims) {
        return new Policy(aims, List.of(), OptionalInt.empty());
    }
}
