package ofisino.server.plan;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
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
    record Meeting(
            String title,
            int minutes,
            boolean needsRolling,
            Aim aim,
            @Nullable UUID afterJob) {}

    record Appointment(
            UUID id, Instant startsAt, @JsonUnwrapped Meeting what) {}
}
