package ofisino.core.money.budget;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.money.ledger.Destination;
import ofisino.core.money.ledger.Split;

/**
 * Money by the system of the vehicle that it is for, or by what else it is for.
 *
 * @param systems by job; of some nobody knows it
 */
public record SpendingGroups(Map<UUID, VehicleSystem> systems) {
    /** Work that is of no one system. */
    public static final String OTHER = "OTHER";

    /** Where somebody's safety hangs on it first; then as one walks round the vehicle; then what is no part of it. */
    public static final List<String> ORDER = Stream.of(
                    systems(true),
                    systems(false),
                    Stream.of(OTHER),
                    Arrays.stream(Destination.values())
                            .filter(d -> d != Destination.JOB)
                            .map(Enum::name))
            .flatMap(s -> s)
            .toList();

    public SpendingGroups {
        systems = Map.copyOf(systems);
    }

    /** The group of a share of an entry, one of {@link #ORDER}. */
    public String of(Split split) {
        return split.destination() == Destination.JOB
                ? ofJob(split.job())
                : split.destination().name();
    }

    /** The group of what a job asks for; {@link #OTHER} for what is for no job. */
    public String ofJob(Optional<UUID> job) {
        return job.map(systems::get).map(Enum::name).orElse(OTHER);
    }

    /** A failure there hurts people at once: its money comes first. */
    public static boolean isSafety(String group) {
        return systems(true).anyMatch(group::equals);
    }

    private static Stream<String> systems(boolean safety) {
        return Arrays.stream(VehicleSystem.values())
                .filter(s -> s.neverTemporary() == safety)
                .map(Enum::name);
    }
}
