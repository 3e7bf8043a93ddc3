package ofisino.server.plan;

import java.util.Set;
import java.util.UUID;
import ofisino.core.kernel.VehicleSystem;
import ofisino.server.identity.Caller;

/**
 * Work was begun or finished, or something was opened, that voids what was proved before.
 *
 * @param systems that it touched; empty where nobody knows: then whatever work can void is void
 * @param what    in words: the job, the strip-down
 */
public record WorkTouched(Caller caller, UUID projectId, Set<VehicleSystem> systems, String what) {
    public WorkTouched {
        systems = Set.copyOf(systems);
    }
}
