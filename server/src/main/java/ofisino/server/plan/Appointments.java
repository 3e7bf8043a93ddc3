package ofisino.server.plan;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.Aim;
import ofisino.server.identity.Caller;
import org.jspecify.annotations.Nullable;

/** The door to fixed times. */
public interface Appointments {
    /** Those that are not over. */
    List<Appointment> ahead(Caller caller, UUID projectId);

    /** @param afterJob has to be done by then */
    record Appointment(
            UUID id,
            String title,
            Instant startsAt,
            int minutes,
            boolean needsRolling,
            Aim aim,
            @Nullable UUID afterJob) {}
}
