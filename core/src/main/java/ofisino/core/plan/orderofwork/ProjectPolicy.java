package ofisino.core.plan.orderofwork;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import ofisino.core.kernel.Aim;
import ofisino.core.plan.problem.ActivityId;
import ofisino.core.plan.problem.Policy;

/** Which way round a person goes about a project. Common practice, no source. */
public enum ProjectPolicy {
    /** It runs as soon as may be, to learn what the engine is worth; then the road, then the rest. For a complete car. */
    RUNNING_FIRST,
    /** Structure, body and paint are whole before all else. Where the structure is the doubt. */
    BODY_FIRST(Phase.STRUCTURE, Phase.BODY_AND_PAINT),
    /** Engine, gearbox, brakes and axles first. For a sound shell. */
    MECHANICAL_FIRST(Phase.MECHANICAL),
    /** One piece of work, or few, are opened, closed and tried before another begins, so that the car is never long off its wheels. */
    KEEP_ROLLING;

    private final Set<Phase> first;

    ProjectPolicy(Phase... first) {
        this.first = first.length == 0 ? Set.of() : EnumSet.copyOf(Arrays.asList(first));
    }

    /** Whether it asks which phase a job is of. */
    public boolean asksForPhases() {
        return !first.isEmpty();
    }

    /** What that means for a plan. @param phases of the jobs @param mostOpen pieces of work open at once, for {@link #KEEP_ROLLING} */
    Policy over(Map<ActivityId, Phase> phases, int mostOpen) {
        Set<ActivityId> ahead = phases.entrySet().stream()
                .filter(e -> first.contains(e.getValue()))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
        return new Policy(
                List.of(Aim.values()),
                ahead.isEmpty() ? List.of() : List.of(ahead),
                this == KEEP_ROLLING ? OptionalInt.of(mostOpen) : OptionalInt.empty());
    }
}
