package ofisino.server.money;

import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import ofisino.core.kernel.VehicleSystem;
import ofisino.core.money.ledger.Destination;
import ofisino.core.money.ledger.Split;
import ofisino.server.plan.Jobs;
import org.jspecify.annotations.Nullable;

/** Groups money by the system of the vehicle that it was spent on, or by what else it was spent on. */
public final class SystemGroups {
    /** Work that is of no one system. */
    public static final String OTHER = "OTHER";

    private final Map<UUID, VehicleSystem> systems;

    public SystemGroups(Collection<Jobs.Job> jobs) {
        systems =
                jobs.stream().filter(j -> j.system() != null).collect(Collectors.toMap(Jobs.Job::id, Jobs.Job::system));
    }

    public String of(Split split) {
        return split.destination() == Destination.JOB
                ? ofJob(split.job().orElseThrow())
                : split.destination().name();
    }

    public String ofJob(@Nullable UUID job) {
        VehicleSystem system = job == null ? null : systems.get(job);
        return system == null ? OTHER : system.name();
    }
}
